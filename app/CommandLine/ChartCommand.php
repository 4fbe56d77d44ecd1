<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Log\Log;
use Gondrik\Core\Output\ChartWriter;
use Gondrik\Core\Proof\ChartRule;
use Gondrik\Core\Proof\ChartSetting;
use Gondrik\Core\Proof\ControlChart;
use Gondrik\Core\Proof\Subgroup;
use Gondrik\Core\Wording\Words;
use Gondrik\Core\Workbook\Workbook;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik chart WORKBOOK: whether what a thing made stays as good as it was. */
#[AsCommand('chart', 'Charts the pulls of a thing in one setting. Exit 0: in control since it was last cleared; 1: not so; 2: not valid, or nothing to chart.')]
final class ChartCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('asset', null, InputOption::VALUE_REQUIRED, 'Tag of the thing')
            ->addOption('wire', null, InputOption::VALUE_REQUIRED, 'Id of the wire')
            ->addOption('terminal', null, InputOption::VALUE_REQUIRED, 'Id of the terminal; without one any')
            ->addOption('nest', null, InputOption::VALUE_REQUIRED, 'Label of the nest; without one any')
            ->addOption('on', null, InputOption::VALUE_REQUIRED, 'As it was known on a day; without one all that is known');
        $this->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $asset = $asked->idOf('asset', $workbook->register->assets);
        $wire = $asked->idOf('wire', $workbook->wires);
        $terminal = $asked->isStated('terminal') ? $asked->idOf('terminal', $workbook->terminals) : null;
        $day = $asked->day('on');
        $known = Log::of($workbook->register->log)->about($asset, $day);
        $chart = ControlChart::of($known, ChartSetting::asked($wire, $terminal, $asked->isStated('nest') ? $asked->option('nest') : null), $workbook->rules()->pullStandard)
            ?? throw new \InvalidArgumentException('--asset "' . $asset . '": has no subgroup of two to ten pulls in this setting' . ($day === null ? '' : ' by ' . $day));
        $format === 'json'
            ? self::json($output, (new ChartWriter())->chart($asset, $chart))
            : $output->writeln(self::told($workbook, $asset, $chart), OutputInterface::OUTPUT_RAW);

        return $chart->firstFired() === null ? self::SUCCESS : self::OPEN;
    }

    /** @return list<string> */
    private static function told(Workbook $workbook, string $asset, ControlChart $chart): array
    {
        $tool = array_column($workbook->register->assets, null, 'id')[$asset]->tool;

        return [
            sprintf('%s, %s: %s of %d%s', $asset, $tool->name, Words::counted(count($chart->subgroups), 'subgroup'), $chart->size, $chart->isTrial ? ', trial limits' : ''),
            sprintf('Means %.1f to %.1f N about %.1f, ranges %.1f to %.1f N.%s%s', $chart->lower, $chart->upper, $chart->centre, $chart->rangeLower, $chart->rangeUpper, $chart->required === null ? '' : sprintf(' At least %.1f N each.', $chart->required), $chart->capability === null ? '' : sprintf(' Capability %.2f.', $chart->capability)),
            ...$chart->leftOut === 0 ? [] : [Words::counted($chart->leftOut, 'subgroup') . ' of another size left out.'],
            ...array_map(static fn(Subgroup $one): string => sprintf('%s  %7.1f  %6.1f', $one->pull->on, $one->mean, $one->range) . ($one->fired === [] ? '' : '  ' . implode(', ', array_map(static fn(ChartRule $rule): string => Words::for('chart', $rule->value), $one->fired))), $chart->subgroups),
        ];
    }
}

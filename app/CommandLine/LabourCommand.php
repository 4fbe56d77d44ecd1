<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Labour\Effort;
use Gondrik\Core\Labour\Labour;
use Gondrik\Core\Labour\LabourRemark;
use Gondrik\Core\Labour\Pace;
use Gondrik\Core\Labour\Rates;
use Gondrik\Core\Output\LabourWriter;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wording\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik labour WORKBOOK: how long a scope takes with a kit, and how often a hand squeezes. */
#[AsCommand('labour', 'Tells hours and squeezes of a scope with a kit. Exit 0; 2: not a valid question.')]
final class LabourCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope')
            ->addOption('practised', null, InputOption::VALUE_NONE, 'With hands that know the work; so without a word')
            ->addOption('new', null, InputOption::VALUE_NONE, 'With new hands');
        $this->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        if ($asked->isSet('new') && $asked->isSet('practised')) {
            throw new \InvalidArgumentException('--new: not with --practised, one of them');
        }
        $workbook = $asked->workbook();
        $kit = $asked->kit($workbook);
        $scope = $asked->scope($workbook);
        $labour = Labour::of(Coverage::of($workbook->onPaper($kit), $scope, $workbook->rulesFor($scope)), Rates::ofTable($asked->isSet('new') ? Pace::New : Pace::Practised));
        $format === 'json'
            ? self::json($output, (new LabourWriter())->labour($labour))
            : $output->writeln(self::told($labour, array_column($workbook->tools, null, 'id')), OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /**
     * @param array<string, Tool> $tools by id
     *
     * @return list<string>
     */
    private static function told(Labour $labour, array $tools): array
    {
        $lines = ['All of it takes ' . self::effort($labour->all) . '.'];
        foreach ($labour->tools as $id => $effort) {
            $lines[] = '  ' . $tools[$id]->name . ': ' . self::effort($effort);
        }

        return [
            ...$lines,
            ...$labour->days === null ? [] : [sprintf('A day: %.1f h, %d squeezes.', $labour->secondsPerDay() / 3600, (int) round((float) $labour->squeezesPerDay()))],
            ...array_map(static fn(LabourRemark $remark): string => Words::for('labour', $remark->value), $labour->remarks()),
        ];
    }

    private static function effort(Effort $effort): string
    {
        return sprintf('%.1f h, %s', $effort->seconds / 3600, Words::counted($effort->squeezes, 'squeeze'));
    }
}

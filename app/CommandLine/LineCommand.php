<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Entry\EntryReader;
use Gondrik\Core\Output\EntryWriter;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Value\PlainText;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik line WORKBOOK TEXT: reads one line of work as people write it, without a database. */
#[AsCommand('line', 'Reads one line of work as people write it. Exit 0: read; 1: a question or something unknown; 2: not a valid question.')]
final class LineCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addArgument('text', InputArgument::REQUIRED, 'Like "40 × 12 AWG stranded PVC → ring yellow M6, wet"')
            ->addOption('kit', null, InputOption::VALUE_REQUIRED, 'Id of the kit to judge it by')
            ->addOption('scope', null, InputOption::VALUE_REQUIRED, 'Id of the scope whose house rules hold');
        $this->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $text = self::text($asked->argument('text'));
        $workbook = $asked->workbook();
        $kit = $asked->isStated('kit') ? $asked->kit($workbook) : null;
        $rules = $asked->isStated('scope') ? $workbook->rulesFor($asked->scope($workbook)) : HouseRules::inForce($workbook->houseRules, null);
        $entry = (new EntryReader($workbook->wires, $workbook->terminals))->read($text);
        $written = (new EntryWriter())->entry($entry, $rules, $kit === null ? null : $workbook->onPaper($kit));
        if ($entry->line?->torque !== null) {
            // Whoever computes with it gets the number of N·m, in whatever unit it was said.
            $written['line']['torque'] = $entry->line->torque->newtonMetres;
        }
        $format === 'json'
            ? self::json($output, $written)
            : (new TextEntry($output))->write($written);

        return $entry->isWhole() ? self::SUCCESS : self::OPEN;
    }

    private static function text(string $text): string
    {
        $flaw = PlainText::flaw($text);

        return match (true) {
            $flaw !== null => throw new \InvalidArgumentException('text: ' . $flaw),
            trim($text) === '' => throw new \InvalidArgumentException('text "": write a line of work, like "40 × 12 AWG stranded PVC → ring yellow M6"'),
            mb_strlen($text) > EntryReader::LONGEST => throw new \InvalidArgumentException('text "' . mb_substr($text, 0, 40) . '…": at most ' . EntryReader::LONGEST . ' characters'),
            default => $text,
        };
    }
}

<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Card\SetUpCard;
use Gondrik\Core\Coverage\Status;
use Gondrik\Core\Output\CardRows;
use Gondrik\Core\Reference\Table;
use Symfony\Component\Console\Output\OutputInterface;

/** A set-up card for a terminal. */
final readonly class TextCard
{
    public function __construct(private OutputInterface $output) {}

    /** @param array<string, mixed> $written as CardWriter gives it */
    public function write(SetUpCard $card, array $written): void
    {
        $line = $card->cover->line;
        $this->say(TextReport::dot($card->cover->status) . ' ' . $line->id . '  ' . ($line->wire->name ?? 'screw') . ($line->wireB === null ? '' : ' + ' . $line->wireB->name)
            . ($line->terminal === null ? '' : ' → ' . $line->terminal->name) . '  ' . $line->quantity . ' ×  (' . $card->report->kit->of->name . ')');
        if (!$card->isComplete()) {
            $this->say($written['status'] === 'faulty' ? 'NOT TO BE MADE: the line itself is faulty.' : 'NOT COMPLETE: this kit cannot make it.');
        }
        foreach ($written['checks'] as $check) {
            $this->say('! ' . $check['text']);
        }
        $this->say('');
        $this->list('caution', $written['cautions'], 'cautions');
        $hasLooked = false;
        foreach (CardRows::of($card, $written['steps']) as $number => $row) {
            $status = $row['status'] === null ? null : Status::from($row['status']);
            $tool = $row['tool'] === null ? '' : '  ' . ($card->report->kit->tool($row['tool'])->name ?? $row['tool']) . ($row['position'] === null ? '' : ' “' . $row['position'] . '”');
            $this->say('');
            $this->say(sprintf('%2d ', $number + 1) . ($status === null ? '·' : TextReport::dot($status)) . ' ' . $row['op'] . self::about($card, $row) . $tool);
            $this->say('     ' . $row['text']);
            if ($row['op'] === 'look' && !$hasLooked) {
                $this->list('     good', $written['look']['good'], 'look');
                $this->list('     bad', $written['look']['bad'], 'look');
                $hasLooked = true;
            }
            foreach ((array) $row['settings'] as $name => $figure) {
                $this->say('     ' . $name . ': ' . ($figure === true ? 'yes' : TextFigures::told($figure)));
            }
        }
        foreach (['pull' => $written['pull'], 'sleeve' => $written['sleeve']] as $name => $answer) {
            if ($answer !== null) {
                $this->say('');
                $this->say($name);
                (new TextFigures($this->output))->write($answer);
            }
        }
    }

    /** @param array<string, mixed> $row */
    private static function about(SetUpCard $card, array $row): string
    {
        return match (true) {
            $row['of'] !== null => ', ' . $row['of'],
            $row['wire'] === null || count($card->cover->line->ends) > 1 => '',
            default => ' ' . $row['wire'],
        };
    }

    /** @param list<string> $codes of a table with a text each */
    private function list(string $name, array $codes, string $table): void
    {
        $texts = array_column(Table::rows($table), 'text', 'code');
        foreach ($codes as $code) {
            $this->say($name . ': ' . $texts[$code]);
        }
    }

    private function say(string $text): void
    {
        $this->output->writeln($text, OutputInterface::OUTPUT_RAW);
    }
}

<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Card\SetUpCard;
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
            . ($line->terminal === null ? '' : ' → ' . $line->terminal->name) . '  ' . $line->quantity . ' ×  (' . $card->report->kit->name . ')');
        if (!$card->isComplete()) {
            $this->say($written['status'] === 'faulty' ? 'NOT TO BE MADE: the line itself is faulty.' : 'NOT COMPLETE: this kit cannot make it.');
        }
        foreach ($written['checks'] as $check) {
            $this->say('! ' . $check['text']);
        }
        foreach ($written['steps'] as $number => $step) {
            $status = $card->steps[$number]->status();
            $tool = $step['tool'] === null ? '' : '  ' . ($card->report->kit->tool($step['tool'])->name ?? $step['tool']) . ($step['position'] === null ? '' : ' “' . $step['position'] . '”');
            $this->say('');
            $this->say(sprintf('%2d ', $number + 1) . ($status === null ? '·' : TextReport::dot($status)) . ' ' . $step['op'] . ($step['wire'] === null ? '' : ' ' . $step['wire']) . $tool);
            $this->say('     ' . $step['text']);
            foreach ((array) $step['settings'] as $name => $figure) {
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
        $this->list('good', $written['look']['good'], 'look');
        $this->list('bad', $written['look']['bad'], 'look');
        $this->list('caution', $written['cautions'], 'cautions');
    }

    /** @param list<string> $codes of a table with a text each */
    private function list(string $name, array $codes, string $table): void
    {
        $texts = array_column(Table::rows($table), 'text', 'code');
        foreach ($codes as $number => $code) {
            $this->say(($number === 0 ? "\n" : '') . $name . ': ' . $texts[$code]);
        }
    }

    private function say(string $text): void
    {
        $this->output->writeln($text, OutputInterface::OUTPUT_RAW);
    }
}

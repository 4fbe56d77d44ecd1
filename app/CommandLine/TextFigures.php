<?php

declare(strict_types=1);

namespace App\CommandLine;

use Symfony\Component\Console\Output\OutputInterface;

/** Figures for a terminal: name, value, unit, and in brackets where it comes from. */
final readonly class TextFigures
{
    public function __construct(private OutputInterface $output) {}

    /** @param array<string, mixed> $answer as FigureWriter gives it */
    public function write(array $answer): void
    {
        $widest = max(0, ...array_map(mb_strlen(...), array_keys($answer)));
        foreach ($answer as $name => $figures) {
            $list = array_is_list($figures) ? $figures : [$figures];
            foreach ($list === [] ? [null] : $list as $figure) {
                $this->output->writeln(str_pad($name, $widest) . '  ' . ($figure === null ? 'none' : self::told($figure)), OutputInterface::OUTPUT_RAW);
            }
        }
    }

    /** @param array{value: string|int|float|bool|null, unit: string|null, source: string, recall: string, note: string|null} $figure */
    public static function told(array $figure): string
    {
        $value = match (true) {
            $figure['value'] === null => '–',
            is_bool($figure['value']) => $figure['value'] ? 'yes' : 'no',
            is_float($figure['value']) => self::number($figure['value']),
            default => (string) $figure['value'],
        };

        return $value . ($figure['unit'] === null || $figure['value'] === null ? '' : ' ' . $figure['unit'])
            . '  [' . $figure['source'] . '; ' . $figure['recall'] . ']'
            . ($figure['note'] === null ? '' : '  ' . $figure['note']);
    }

    /** Good to five digits, whole numbers whole. */
    private static function number(float $value): string
    {
        if ($value === 0.0) {
            return '0';
        }
        $text = number_format($value, max(0, 4 - (int) floor(log10(abs($value)))), '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}

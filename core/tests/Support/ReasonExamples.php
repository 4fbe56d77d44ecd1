<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Match\LineChecks;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Size\Size;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Verdict\Reason;
use Gondrik\Core\Verdict\ReasonCode;
use Gondrik\Core\Wording\Sentence;

/** The first case of the tables that brings up a code, as an example of it: what is said, and what the little ruler draws. */
final class ReasonExamples
{
    public const RESULTS = __DIR__ . '/../../data/reason-examples.json';

    /** @return list<array<string, mixed>> by code, in the order of the codes */
    public static function all(): array
    {
        $found = [];
        foreach (Catalogue::table('lines') as $row) {
            $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], '', $row['rules']);
            $line = Catalogue::line($workbook);
            foreach ((new LineChecks(Catalogue::houseRules($workbook)))->of($line) as $reason) {
                $found[$reason->code->value] ??= self::example($reason, $row['case'], 'line', null, $line->wire?->size, $line->terminal);
            }
        }
        foreach (Catalogue::table('matches') as $row) {
            $workbook = Catalogue::workbook($row['wire'], $row['terminal'], $row['line'], $row['tool'], $row['rules'], $row['kit']);
            $work = Catalogue::work($workbook, $row['op']);
            assert($work !== null);
            $line = Catalogue::line($workbook);
            $tool = Catalogue::kit($workbook)->tools[0]->tool;
            foreach (Catalogue::match($workbook, $row['op'], $work, $row['kit'])->reasons as $reason) {
                $found[$reason->code->value] ??= self::example($reason, $row['case'], $row['op'], $tool, $line->wire?->size, null);
            }
        }
        foreach (Catalogue::table('hands') as $row) {
            $of = InHands::report($row);
            $line = $of->lines[0]->line;
            foreach (InHands::step($row)->reasons() as $reason) {
                $found[$reason->code->value] ??= self::example($reason, $row['case'], $row['op'], $of->kit->tools[0]->tool, $line->wire?->size, $line->terminal);
            }
        }

        return array_map(static fn(ReasonCode $code): array => $found[$code->value], ReasonCode::cases());
    }

    /** @return array<string, mixed> */
    private static function example(Reason $reason, string $case, string $op, ?Tool $tool, ?Size $wire, ?Terminal $terminal): array
    {
        $bars = [];
        foreach ($tool === null ? [] : (new RulerWriter())->lanes(ToolRuler::of($tool)) as $lane) {
            $bars = $lane['name'] === $op && Operation::tryFrom($op) !== null ? $lane['bars'] : $bars;
        }

        return [
            'code' => $reason->code->value,
            'meaning' => Sentence::meaning($reason->code),
            'fit' => $reason->fit->value,
            'case' => $case,
            'text' => (new Sentence())->of($reason),
            'wire' => $wire?->area,
            'span' => $terminal === null ? null : ['from' => $terminal->size->from, 'to' => $terminal->size->to],
            'bars' => $bars,
        ];
    }
}

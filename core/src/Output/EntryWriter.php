<?php

declare(strict_types=1);

namespace Gondrik\Core\Output;

use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\Entry\Piece;
use Gondrik\Core\Entry\Question;
use Gondrik\Core\Entry\QuickEntry;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Wording\Sentence;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Workbook\ObjectCodec;

/** What was read of an entry as plain data, for the API and the command line alike. */
final readonly class EntryWriter
{
    private Sentence $sentence;

    public function __construct(private Units $units = new Units())
    {
        $this->sentence = new Sentence($units);
    }

    /**
     * The line by itself under a kit, or while none is in hand; nothing is known of one that is open.
     */
    public static function report(QuickEntry $entry, HouseRules $rules, ?KitAsItStands $kit): ?Report
    {
        return $entry->line === null ? null : Coverage::of($kit ?? KitAsItStands::none(), new Scope('entry', 'Entry', [$entry->line]), $rules);
    }

    /** @return array<string, mixed> with a kit how it judges the line, without one nothing of that */
    public function entry(QuickEntry $entry, HouseRules $rules, ?KitAsItStands $kit = null): array
    {
        return $this->reported($entry, $kit === null ? null : self::report($entry, $rules, $kit), $kit !== null);
    }

    /**
     * The same of a report that was made before.
     *
     * @param bool $isJudged whether a kit is in hand
     *
     * @return array<string, mixed>
     */
    public function reported(QuickEntry $entry, ?Report $report, bool $isJudged): array
    {
        return [
            'line' => $entry->line === null ? null : self::line($entry->line),
            'tokens' => array_map(self::token(...), $entry->tokens),
            'questions' => array_map($this->question(...), $entry->questions),
            'unknown' => array_map(static fn(Piece $piece): array => ['from' => $piece->from, 'to' => $piece->to, 'text' => $piece->text], $entry->unknown),
            ...$isJudged ? $this->judged($report) : [],
        ];
    }

    /** @return array<string, mixed> as the workbook writes it, but for its id, which it gets when it is saved */
    private static function line(Line $line): array
    {
        return array_diff_key(get_object_vars((new ObjectCodec())->write($line)), ['id' => null]);
    }

    /** @return array<string, mixed> */
    private static function token(Piece $piece): array
    {
        return ['from' => $piece->from, 'to' => $piece->to, 'text' => $piece->text, 'means' => $piece->means, ...$piece->id === null ? [] : ['id' => $piece->id]];
    }

    /** @return array<string, mixed> */
    private function question(Question $question): array
    {
        return ['about' => $question->about, 'from' => $question->from, 'to' => $question->to, 'text' => $this->sentence->question($question), 'candidates' => $question->candidates, ...$question->readings === [] ? [] : ['readings' => $question->readings]];
    }

    /** @return array<string, mixed> */
    private function judged(?Report $report): array
    {
        if ($report === null) {
            return ['checks' => [], 'status' => null];
        }
        $line = (new ReportWriter($this->units))->report($report)['lines'][0];

        return ['checks' => $line['checks'], 'status' => $line['status']];
    }
}

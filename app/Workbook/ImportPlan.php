<?php

declare(strict_types=1);

namespace App\Workbook;

use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Workbook;

/** What a workbook would do to what a shop has: add, change, leave. Nothing is ever removed. */
final readonly class ImportPlan
{
    public const LISTS = ['wires', 'terminals', 'tools', 'kits', 'scopes'];

    /**
     * @param array<string, array{added: int, changed: int, left: int}> $counts  by list
     * @param array<string, list<string>>                               $touched ids to be written, by list
     */
    private function __construct(public array $counts, public array $touched, public bool $changesHouseRules) {}

    public static function between(Workbook $shop, Workbook $coming): self
    {
        $counts = [];
        $touched = [];
        foreach (self::LISTS as $list) {
            $has = self::written($shop->{$list});
            $comes = self::written($coming->{$list});
            $added = array_diff_key($comes, $has);
            $changed = array_diff_assoc(array_intersect_key($comes, $has), $has);
            $counts[$list] = ['added' => count($added), 'changed' => count($changed), 'left' => count($has) - count($changed)];
            $touched[$list] = array_map(strval(...), array_keys($added + $changed));
        }
        // A workbook that says nothing of house rules leaves them as they are.
        $rules = $coming->houseRules;
        $changesHouseRules = $rules !== null && self::text($rules) !== ($shop->houseRules === null ? '' : self::text($shop->houseRules));

        return new self($counts, $touched, $changesHouseRules);
    }

    public function changesNothing(): bool
    {
        return !$this->changesHouseRules && array_filter($this->touched) === [];
    }

    /**
     * @param list<object> $things
     *
     * @return array<string, string> canonical text by id
     */
    private static function written(array $things): array
    {
        $written = [];
        foreach ($things as $thing) {
            $item = (new ObjectCodec())->write($thing);
            $written[(string) $item->id] = json_encode($item, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        }

        return $written;
    }

    private static function text(object $thing): string
    {
        return json_encode((new ObjectCodec())->write($thing), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}

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
    private function __construct(public array $counts, public array $touched, public bool $changesHouseRules)
    {
    }

    public static function between(Workbook $shop, Workbook $coming): self
    {
        $counts = [];
        $touched = [];
        foreach (self::LISTS as $list) {
            $has = self::written($shop->{$list});
            $counts[$list] = ['added' => 0, 'changed' => 0, 'left' => count($has)];
            $touched[$list] = [];
            foreach (self::written($coming->{$list}) as $id => $text) {
                if (!isset($has[$id])) {
                    $counts[$list]['added']++;
                    $touched[$list][] = (string) $id;
                } elseif ($has[$id] !== $text) {
                    $counts[$list]['changed']++;
                    $counts[$list]['left']--;
                    $touched[$list][] = (string) $id;
                }
            }
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
            $written[$thing->id] = self::text($thing);
        }

        return $written;
    }

    private static function text(object $thing): string
    {
        return json_encode((new ObjectCodec())->write($thing), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}

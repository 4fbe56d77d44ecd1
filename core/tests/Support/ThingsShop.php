<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** A shop with two tracked kits and things in them, of the words of a table: "2027-03-03 out person=ada due=2027-03-10; …". */
final class ThingsShop
{
    /**
     * @param string               $asset    "home=van bought=2027-01-01 cycles=100"
     * @param string               $dues     "calibration:365d verification:30d+1000c"
     * @param string               $log      entries with a semicolon between, by their number from 1
     * @param array<string, mixed> $rules    of the house
     * @param int|null             $duePrice of each due, in cents
     */
    public static function of(string $asset, string $dues, string $log, array $rules = [], ?int $duePrice = null): Workbook
    {
        return (new WorkbookCodec())->read(json_encode(self::document($asset, $dues, $log, $rules, $duePrice), JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<string, mixed> $rules
     *
     * @return array<string, mixed>
     */
    public static function document(string $asset, string $dues, string $log, array $rules = [], ?int $duePrice = null): array
    {
        return [
            'gondrik' => 1,
            ...$rules === [] ? [] : ['houseRules' => $rules],
            'wires' => [['id' => 'wire', 'name' => 'Wire', 'size' => '14 AWG', 'construction' => 'stranded', 'insulation' => 'pvc']],
            'terminals' => [['id' => 'ring', 'name' => 'Ring', 'class' => 'insulated', 'size' => '16-14 AWG']],
            'tools' => [['id' => 'crimper', 'name' => 'Crimper', 'kind' => 'crimper', 'capabilities' => [], 'dues' => array_map(static fn(string $due): array => self::due($due) + array_filter(['price' => $duePrice]), self::words($dues))]],
            'kits' => [
                ['id' => 'van', 'name' => 'Van', 'tracked' => true, 'tools' => [['tool' => 'crimper']]],
                ['id' => 'bench', 'name' => 'Bench', 'tracked' => true, 'tools' => []],
            ],
            'people' => [['id' => 'ada', 'name' => 'Ada'], ['id' => 'bo', 'name' => 'Bo']],
            'assets' => [['id' => 'c1', 'tool' => 'crimper', ...self::pairs(self::words($asset))]],
            'log' => array_map(self::entry(...), self::parts($log), array_keys(self::parts($log))),
        ];
    }

    /** @return array<string, mixed> */
    private static function entry(string $text, int $index): array
    {
        [$on, $what, $more] = [...explode(' ', $text, 3), ''];
        $pairs = self::pairs(self::words($more));
        if ($what === 'out') {
            $to = array_intersect_key($pairs, ['person' => 0, 'kit' => 0, 'text' => 0]);
            $pairs = [...array_diff_key($pairs, $to), 'to' => $to];
        }
        if ($what === 'pull') {
            $pairs = ['wire' => 'wire', ...$pairs, 'forces' => array_map(floatval(...), explode('+', (string) $pairs['forces']))];
        }
        $about = in_array($what, ['void', 'skill', 'practice'], true) ? [] : ['asset' => 'c1'];

        return ['id' => (string) ($index + 1), 'on' => $on, 'what' => $what, ...$about, ...$what === 'cleared' ? ['note' => 'new jaws'] : [], ...$pairs];
    }

    /** @return array<string, mixed> of "verification:30d+1000c" */
    private static function due(string $text): array
    {
        [$kind, $many] = explode(':', $text);
        $due = ['kind' => $kind];
        foreach (explode('+', $many) as $one) {
            $due[str_ends_with($one, 'd') ? 'days' : 'cycles'] = (int) $one;
        }

        return $due;
    }

    /**
     * @param list<string> $words
     *
     * @return array<string, int|string>
     */
    private static function pairs(array $words): array
    {
        $pairs = [];
        foreach ($words as $word) {
            [$key, $value] = explode('=', $word, 2);
            $pairs[$key] = in_array($key, ['cycles', 'required', 'tries', 'good'], true) ? (int) $value : str_replace('_', ' ', $value);
        }

        return $pairs;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(array_filter(explode(' ', trim($text)), static fn(string $word): bool => $word !== ''));
    }

    /** @return list<string> */
    private static function parts(string $log): array
    {
        return array_values(array_filter(array_map(trim(...), explode(';', $log)), static fn(string $part): bool => $part !== ''));
    }
}

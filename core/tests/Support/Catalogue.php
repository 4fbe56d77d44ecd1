<?php

declare(strict_types=1);

namespace Gondrik\Core\Tests\Support;

use Gondrik\Core\Coverage\Choice;
use Gondrik\Core\Match\Conditions;
use Gondrik\Core\Match\Operations;
use Gondrik\Core\Match\Steps;
use Gondrik\Core\Match\ToolMatch;
use Gondrik\Core\Match\Work;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\TakingPart;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;

/** The wires, terminals and tools that the case tables name, and their short hand for lines and house rules. */
final class Catalogue
{
    private const LISTS = ['fullCycleFor', 'insulationGrip', 'backupFor', 'carry', 'insulations', 'signOffFor'];

    /** The wires and terminals that entries and tables of the case tables speak of. */
    public static function forEntries(): Workbook
    {
        static $workbook = null;

        return $workbook ??= (new WorkbookCodec())->read((string) file_get_contents(__DIR__ . '/../cases/entry-catalogue.json'));
    }

    /** A workbook of the catalogue with one kit of these tools and one scope of this line. */
    public static function workbook(string $wire, string $terminal, string $line, string $tools, string $rules = '', string $kit = ''): Workbook
    {
        $document = self::with(self::words($tools), [$wire, self::pairs($line)['wireB'] ?? ''], [$terminal]);
        $document->kits = [(object) [...self::kitPairs($kit), 'id' => 'kit', 'name' => 'kit', 'tools' => array_map(
            static fn(string $id): \stdClass => (object) ['tool' => $id],
            self::words($tools),
        )]];
        $data = ['id' => 'line', ...$wire === '' ? [] : ['wire' => $wire, 'terminal' => $terminal], ...self::pairs($line)];
        foreach (['add', 'drop'] as $list) {
            if (isset($data[$list])) {
                $data[$list] = [(object) ['op' => $data[$list], 'remark' => 'by hand']];
            }
        }
        $document->scopes = [(object) ['id' => 'scope', 'name' => 'scope', 'lines' => [(object) $data], 'houseRules' => self::rules($rules)]];
        try {
            return (new WorkbookCodec())->read((string) json_encode($document));
        } catch (InvalidWorkbook $invalid) {
            throw new \LogicException('The case table names something that is not there: ' . $invalid->getMessage(), previous: $invalid);
        }
    }

    public static function line(Workbook $workbook): Line
    {
        return $workbook->scopes[0]->lines[0];
    }

    public static function kit(Workbook $workbook): Kit
    {
        return $workbook->kits[0];
    }

    public static function houseRules(Workbook $workbook): HouseRules
    {
        return $workbook->rulesFor($workbook->scopes[0]);
    }

    /** The first step of an operation that the workbook's line needs, as the work that tools are held against. */
    public static function work(Workbook $workbook, string $operation): ?Work
    {
        return self::works($workbook)[$operation][0] ?? null;
    }

    /** @return array<string, list<Work>> by operation, for each step of the workbook's line */
    public static function works(Workbook $workbook): array
    {
        $operations = new Operations(self::houseRules($workbook));
        $line = self::line($workbook);
        $works = [];
        foreach ((new Steps($operations))->of($line) as $step) {
            $works[$step->operation->value][] = $operations->of($step->operation)->work($line, $step->end, Conditions::of($line->surroundings, KitAsItStands::onPaper(self::kit($workbook))));
        }

        return $works;
    }

    /**
     * The workbook's first tool against a work.
     *
     * @param string $stands how it stands in the kit: "seldom=yes shared=yes", and what else is said of the kit
     */
    public static function match(Workbook $workbook, string $operation, Work $work, string $stands = ''): ToolMatch
    {
        $rules = self::houseRules($workbook);
        $kit = KitAsItStands::onPaper(self::kit($workbook));
        $said = self::pairs($stands);
        $part = new TakingPart($kit->tools[0]->tool, 1, isset($said['seldom']) ? 1 : 0, isset($said['shared']));

        return (new Choice($kit, $rules, new Operations($rules)))->match($part, Operation::from($operation), $work);
    }

    /** @return array<string, mixed> "travels=no gripForce=150" */
    private static function kitPairs(string $text): array
    {
        $pairs = self::pairs($text);
        $hand = array_intersect_key($pairs, ['gripForce' => 0, 'handSpan' => 0]);

        return [...array_diff_key($pairs, $hand, ['seldom' => 0, 'shared' => 0]), ...$hand === [] ? [] : ['hand' => (object) $hand]];
    }

    /** @return list<string> */
    public static function words(string $text): array
    {
        return $text === '' ? [] : explode(' ', $text);
    }

    /** @return list<array<string, string>> */
    public static function table(string $name): array
    {
        $file = fopen(__DIR__ . '/../cases/' . $name . '.csv', 'rb') ?: throw new \RuntimeException('no case table ' . $name);
        $header = fgetcsv($file, null, ',', '"', '') ?: [];
        $rows = [];
        while (($cells = fgetcsv($file, null, ',', '"', '')) !== false) {
            $rows[] = array_combine($header, $cells);
        }
        fclose($file);

        return $rows;
    }

    /** @return array<string, array{array<string, string>}> a Pest dataset, each row under its first column */
    public static function dataset(string $name): array
    {
        $cases = [];
        foreach (self::table($name) as $row) {
            $cases[(string) reset($row)] = [$row];
        }

        return $cases;
    }

    /**
     * The catalogue with no more than what a case names, so that reading it takes no time.
     *
     * @param list<string> $tools
     * @param list<mixed>  $wires
     * @param list<string> $terminals
     */
    private static function with(array $tools, array $wires, array $terminals): \stdClass
    {
        /** @var \stdClass|null $whole */
        static $whole = null;
        $whole ??= json_decode((string) file_get_contents(__DIR__ . '/../cases/catalogue.json'), flags: JSON_THROW_ON_ERROR);
        $named = static fn(array $things, array $ids): array => array_values(array_filter($things, static fn(\stdClass $thing): bool => in_array($thing->id, $ids, true)));
        $document = clone $whole;
        foreach ($named($whole->tools, $tools) as $tool) {
            $tools = [...$tools, ...$tool->requires ?? []];
        }
        $document->tools = $named($whole->tools, $tools);
        $document->wires = $named($whole->wires, $wires);
        $document->terminals = $named($whole->terminals, $terminals);

        return $document;
    }

    private static function rules(string $text): \stdClass
    {
        $rules = self::pairs($text);
        foreach (self::LISTS as $list) {
            if (isset($rules[$list]) && $rules[$list] !== 'any') {
                $rules[$list] = $rules[$list] === '' ? [] : explode('+', (string) $rules[$list]);
            }
        }

        return (object) $rules;
    }

    /** @return array<string, mixed> "wet=yes ambient=-5" as keys and values; an underscore stands for a space */
    private static function pairs(string $text): array
    {
        $pairs = [];
        foreach (self::words($text) as $word) {
            [$key, $value] = explode('=', $word, 2);
            $pairs[$key] = match (true) {
                $value === 'yes' => true,
                $value === 'no' && $key !== 'pullTest' => false,
                is_numeric($value) => $value + 0,
                default => str_replace('_', ' ', $value),
            };
        }

        return $pairs;
    }
}

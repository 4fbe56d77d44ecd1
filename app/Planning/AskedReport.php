<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Kit as KitRow;
use App\Models\Scope as ScopeRow;
use App\Models\Shop;
use App\Reading\ShopWorkbook;
use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Coverage\Coverage;
use Gondrik\Core\Coverage\Report;
use Gondrik\Core\OnDay\KitOnDay;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\Workbook;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * What somebody asks a report of one kit and one scope about: on paper or on a day, in whose hands, and what is supposed for as long as
 * they look at it so: tools in the kit or out of it, house rules, and terminals of lines. Nothing is written.
 */
final readonly class AskedReport
{
    /**
     * @param Day|null        $day     null for on paper
     * @param string|null     $hand    id of a person; null for nobody in particular
     * @param list<string>    $with    ids of tools that come to the kit, of the shop or of the shelf
     * @param list<string>    $without ids of tools that are barred; what is not in the kit is no matter
     * @param RuleChoice|null $rules   above the scope's
     */
    public function __construct(
        public ?Day $day,
        public ?string $hand,
        public array $with = [],
        public array $without = [],
        public ?RuleChoice $rules = null,
        public Exchange $exchange = new Exchange([]),
    ) {}

    /** Whether anything is supposed to be other than it is. */
    public function isSupposed(): bool
    {
        return [...$this->with, ...$this->without, ...$this->exchange->terminals] !== [] || $this->rules !== null;
    }

    /** The same of how it is. */
    public function asItIs(): self
    {
        return new self($this->day, $this->hand);
    }

    /** The same of one line alone: what is supposed of others is left. */
    public function ofLine(string $scope, string $line): self
    {
        $path = $scope . '/' . $line;

        return new self($this->day, $this->hand, $this->with, $this->without, $this->rules, new Exchange(array_intersect_key($this->exchange->terminals, [$path => ''])));
    }

    /**
     * So much of a shop as it takes to answer it.
     *
     * @param list<string>|null $lines ids of the lines of the scope that are asked about; null for all
     *
     * @throws ModelNotFoundException<KitRow|ScopeRow> when the shop has no such kit or scope
     */
    public function read(ShopWorkbook $workbooks, Shop $shop, ?string $kit, string $scope, ?array $lines = null): Workbook
    {
        return $workbooks->pair($shop, $kit, $scope, $this->with, $lines, $this->day !== null, $this->hand !== null, array_values($this->exchange->terminals));
    }

    /**
     * The workbook with what is supposed of kit and lines, and with the tools that come from the shelf.
     *
     * @param Workbook $shop one scope, and one kit where one is in hand
     *
     * @throws InvalidWorkbook with every tool, line and terminal that there is not, or that does not go together
     */
    public function supposed(Workbook $shop): Workbook
    {
        $known = array_column($shop->tools, null, 'id');
        $problems = $this->exchange->problems($shop, $shop->scopes);
        foreach (array_diff($this->with, array_map(strval(...), array_keys($known + self::shelf()))) as $id) {
            $problems[] = new Problem('with', $id, 'must be a tool of the shop or of the shelf');
        }
        if ($problems !== []) {
            throw new InvalidWorkbook($problems);
        }
        $tools = $this->tools($shop, $this->with);
        $book = $shop->withTools([...$shop->tools, ...array_filter($tools, static fn(Tool $tool): bool => !isset($known[$tool->id]))]);
        $book = $this->exchange->terminals === [] ? $book : $book->withScopes([$this->exchange->in($shop, $shop->scopes[0])]);
        $kit = $shop->kits[0] ?? null;
        if ($kit === null) {
            return $book;
        }
        $more = array_filter($tools, static fn(Tool $tool): bool => $kit->tool($tool->id) === null);
        // Behind it stand the kits that it shares, where a tool may be barred, too.
        $shared = array_map(fn(Kit $other): Kit => $other->without(...$this->without), array_slice($shop->kits, 1));

        return $book->withKits([$kit->without(...$this->without)->with(...$more), ...$shared]);
    }

    /**
     * What takes part in the kit, and who works with it.
     *
     * @throws InvalidWorkbook where something is supposed that there is not, or nobody of the shop has the id
     */
    public function standing(Workbook $shop): KitOnDay
    {
        $worker = $this->hand === null ? null : self::worker($shop, $this->hand, $this->day);
        $kit = $shop->kits[0] ?? null;
        if ($kit === null || $this->day === null) {
            $supposed = $this->supposed($shop);

            return (new KitOnDay($supposed->onPaper($supposed->kits[0] ?? null), null))->with($worker);
        }

        return $shop->onDay()->kit($kit, $this->day, $shop->rulesFor($shop->scopes[0], $this->rules), $this->tools($shop, $this->with), $this->tools($shop, $this->without))->with($worker);
    }

    /** @throws InvalidWorkbook as above */
    public function report(Workbook $shop, ?KitOnDay $stands = null): Report
    {
        $scope = $this->supposed($shop)->scopes[0];

        return Coverage::of(($stands ?? $this->standing($shop))->kit, $scope, $shop->rulesFor($scope, $this->rules));
    }

    /** @throws InvalidWorkbook where nobody of the shop has the id */
    public static function worker(Workbook $shop, string $hand, ?Day $day): Worker
    {
        return $shop->worker($hand, $day ?? Day::read(now()->toDateString()))
            ?? throw new InvalidWorkbook([new Problem('hand', $hand, 'must be a person of the shop')]);
    }

    /**
     * @param list<string> $ids
     *
     * @return list<Tool> of the shop, and of the shelf what the shop has not; as the workbook has them
     */
    private function tools(Workbook $shop, array $ids): array
    {
        $known = array_column($shop->tools, null, 'id');

        return array_values(array_intersect_key($known + ($ids === [] ? [] : self::shelf()), array_flip($ids)));
    }

    /** @return array<string, Tool> by id */
    private static function shelf(): array
    {
        return array_column(BuiltIn::read()->workbook->tools, null, 'id');
    }
}

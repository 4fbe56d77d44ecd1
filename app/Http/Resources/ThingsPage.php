<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Writing\Version;
use Gondrik\Core\Catalogue\BuiltInThing;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Output\ThingWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\WorkbookList;

/** Wires, terminals and tools as lists show them: each with where it lies along the sizes. */
final readonly class ThingsPage
{
    public function __construct(private RulerWriter $rulers = new RulerWriter(), private ObjectCodec $objects = new ObjectCodec()) {}

    /**
     * @param list<Wire|Terminal|Tool> $things of one list
     *
     * @return array<string, mixed>
     */
    public function ofThings(WorkbookList $list, array $things, bool $withCosts, ?string $next): array
    {
        $wires = array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Wire));
        $terminals = array_values(array_filter($things, static fn(object $thing): bool => $thing instanceof Terminal));
        $spans = $this->rulers->spans($wires, $terminals);

        $told = new ThingsById($withCosts);

        return [
            // The version is that of the whole, price and all.
            'data' => array_map(fn(object $thing): \stdClass => $told->told((object) Version::with($this->objects->write($thing))), $things),
            'next' => $next,
            'spans' => $spans[$list->value] ?? new \stdClass(),
            'ticks' => $this->rulers->ticks(),
        ];
    }

    /**
     * @param list<object> $things people, or things by their tags
     *
     * @return array{data: list<\stdClass>, next: string|null}
     */
    public function ofRegister(array $things, bool $withCosts, ?string $next): array
    {
        $told = new ThingsById($withCosts);

        return ['data' => array_map(fn(object $thing): \stdClass => $told->told((object) Version::with($this->objects->write($thing))), $things), 'next' => $next];
    }

    /**
     * @param list<Wire|Terminal|Tool>                                         $page of tools
     * @param array<string, list<array{id: string, name: string, count: int}>> $kits by tool
     *
     * @return array<string, mixed>
     */
    public function ofTools(array $page, array $kits, bool $withCosts, ?string $next): array
    {
        $tools = array_values(array_filter($page, static fn(object $tool): bool => $tool instanceof Tool));
        $written = (new ThingsById($withCosts))->tools($tools);

        return [
            'data' => array_map(fn(Tool $tool): array => ['id' => $tool->id, 'tool' => $written[$tool->id], 'kits' => $kits[$tool->id] ?? [], 'lanes' => $this->rulers->lanes(ToolRuler::of($tool))], $tools),
            'next' => $next,
            'ticks' => $this->rulers->ticks(),
        ];
    }

    /**
     * @param list<BuiltInThing>    $shelf of one list
     * @param array<string, string> $has   names of what the shop has, by id
     *
     * @return array<string, mixed>
     */
    public function ofShelf(array $shelf, array $has): array
    {
        $things = [];
        foreach ($shelf as $builtIn) {
            $thing = $builtIn->thing;
            $things[] = [
                'id' => $thing->id,
                ...ThingWriter::builtIn($builtIn),
                // The shop may have one of this id: most often this one, perhaps changed since.
                'has' => isset($has[$thing->id]) ? ['id' => $thing->id, 'name' => $has[$thing->id]] : null,
                ...match (true) {
                    $thing instanceof Tool => ['lanes' => $this->rulers->lanes(ToolRuler::of($thing))],
                    $thing instanceof Terminal => ['span' => ['from' => $thing->size->from, 'to' => $thing->size->to]],
                    $thing instanceof Wire => ['area' => $thing->size->area],
                },
            ];
        }

        return ['data' => $things, 'ticks' => $this->rulers->ticks()];
    }
}

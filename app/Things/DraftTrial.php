<?php

declare(strict_types=1);

namespace App\Things;

use App\Models\Shop;
use App\Reading\ShopWorkbook;
use App\Reading\ThingReader;
use App\Writing\ShopChanges;
use Gondrik\Core\Output\RulerWriter;
use Gondrik\Core\Output\ThingWriter;
use Gondrik\Core\Output\TrialWriter;
use Gondrik\Core\Ruler\ToolRuler;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Operation;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Trial\Trial;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Wording\Units;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookList;

/** What a wire, terminal or tool that is drawn would be to the first things of the shop. Nothing is written. */
final readonly class DraftTrial
{
    /** So many of each list are tried, the first: the answer follows a hand that drags. */
    private const MOST = 100;

    public function __construct(private ThingReader $reader, private ShopWorkbook $shops) {}

    /**
     * @param bool $isShapeKnown it was tried before, and only its sizes are others
     *
     * @return array<string, mixed>
     *
     * @throws InvalidWorkbook with every problem, below "tool"
     */
    public function tool(Shop $shop, \stdClass $item, Units $units, bool $isShapeKnown = false): array
    {
        $tool = $this->draft($shop, $item, WorkbookList::Tools, $isShapeKnown);
        assert($tool instanceof Tool);
        // What it does to wires alone asks for no terminals.
        $terminals = $tool->capabilitiesFor(Operation::Crimp) === [] ? 0 : self::MOST;
        $known = $this->shops->forTrial($shop, self::MOST, $terminals, 0);
        $tried = $this->trial($known)->ofTool($tool, $known->wires, $known->terminals);

        return [
            'operations' => (new TrialWriter($units))->ofTool($tried),
            'lanes' => (new RulerWriter($units))->lanes(ToolRuler::of($tool)),
            'first' => max(count($known->wires), count($known->terminals)) === self::MOST ? self::MOST : null,
            'names' => ['wires' => (object) array_column($known->wires, 'name', 'id'), 'terminals' => (object) array_column($known->terminals, 'name', 'id')],
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidWorkbook with every problem, below "wire"
     */
    public function wire(Shop $shop, \stdClass $item, Units $units, bool $isShapeKnown = false): array
    {
        $wire = $this->draft($shop, $item, WorkbookList::Wires, $isShapeKnown);
        assert($wire instanceof Wire);
        $known = $this->shops->forTrial($shop, 0, 0, self::MOST);

        return [
            'area' => $wire->size->area,
            'diameters' => ThingWriter::diameters($wire),
            'tried' => (new TrialWriter($units))->each($this->trial($known)->ofWire($wire, $known->tools)),
        ];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidWorkbook with every problem, below "terminal"
     */
    public function terminal(Shop $shop, \stdClass $item, Units $units, bool $isShapeKnown = false): array
    {
        $terminal = $this->draft($shop, $item, WorkbookList::Terminals, $isShapeKnown);
        assert($terminal instanceof Terminal);
        $known = $this->shops->forTrial($shop, self::MOST, 0, self::MOST);
        $trial = $this->trial($known);
        $writer = new TrialWriter($units);

        return [
            'span' => ['from' => $terminal->size->from, 'to' => $terminal->size->to],
            'wires' => array_map(static fn(Wire $wire): array => [
                'id' => $wire->id,
                'name' => $wire->name,
                'area' => $wire->size->area,
                'checks' => $writer->checks($trial->checksOf($wire, $terminal)),
            ], array_values(array_filter($known->wires, static fn(Wire $wire): bool => $terminal->size->standingOf($wire->size)->isInside()))),
            'tried' => $writer->each($trial->ofTerminal($terminal, $known->wires, $known->tools)),
        ];
    }

    private function trial(Workbook $known): Trial
    {
        return new Trial(HouseRules::inForce($known->houseRules, null));
    }

    /**
     * What is drawn may not have been named yet.
     *
     * @throws InvalidWorkbook
     */
    private function draft(Shop $shop, \stdClass $item, WorkbookList $list, bool $isShapeKnown): object
    {
        $item->id ??= 'draft';
        $item->name = ($item->name ?? '') === '' ? 'Draft' : $item->name;
        try {
            $thing = $isShapeKnown ? $this->reader->sketch($shop, $list, $item) : $this->reader->read($shop, $list, [$item], replaces: false)[0];
        } catch (InvalidWorkbook $error) {
            throw ShopChanges::ofTheOnlyOne($error);
        }
        assert($thing instanceof Wire || $thing instanceof Terminal || $thing instanceof Tool);

        return $thing;
    }
}

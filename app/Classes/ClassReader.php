<?php

declare(strict_types=1);

namespace App\Classes;

use App\Models\Shop;
use App\Reading\Needs;
use App\Reading\ShopWorkbook;
use App\Reading\ThingReader;
use App\Writing\ShopChanges;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\WorkbookList;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/** Reads a class with what it names: one that the shop keeps, or one that somebody draws. */
final readonly class ClassReader
{
    public function __construct(private ShopWorkbook $shops, private ThingReader $things) {}

    /** @throws ModelNotFoundException<\App\Models\ListRow> when the shop has no such class */
    public function kept(Shop $shop, string $id): AskedClass
    {
        $workbook = $this->shops->read($shop, Needs::of(sessions: [$id]));
        $session = array_column($workbook->register->sessions, null, 'id')[$id] ?? throw new ModelNotFoundException();

        return new AskedClass($session, $workbook);
    }

    /**
     * What is drawn may not have been named yet.
     *
     * @throws InvalidWorkbook with every problem, below "session"
     */
    public function drawn(Shop $shop, \stdClass $item): AskedClass
    {
        $item->id ??= 'draft';
        $item->name = ($item->name ?? '') === '' ? 'Draft' : $item->name;
        try {
            $workbook = $this->things->beside($shop, WorkbookList::Sessions, $item);
        } catch (InvalidWorkbook $error) {
            throw ShopChanges::ofTheOnlyOne($error);
        }
        $session = $workbook->register->sessions[0] ?? null;
        assert($session instanceof Session);

        return new AskedClass($session, $workbook);
    }
}

<?php

declare(strict_types=1);

namespace App\Planning;

use Gondrik\Core\Catalogue\BuiltIn;
use Gondrik\Core\Planning\PlannedScope;
use Gondrik\Core\Planning\PlanQuestion;
use Gondrik\Core\Planning\PriceWanted;
use Gondrik\Core\Planning\Unpriced;
use Gondrik\Core\Workbook\Workbook;

/** Tools of the shelf that would do what the kit in hand leaves open. */
final class ClosingTools
{
    /**
     * @param Workbook $pair one scope, and one kit where one is in hand
     *
     * @return list<Unpriced> the one of most terminations first
     */
    public static function of(Workbook $pair): array
    {
        $kit = $pair->onPaper($pair->kits[0] ?? null);
        $question = new PlanQuestion($kit, [new PlannedScope($pair->scopes[0], $pair->rulesFor($pair->scopes[0]))], []);

        return (new PriceWanted($question, BuiltIn::read()->workbook->tools))->offers();
    }
}

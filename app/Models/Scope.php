<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Work to be covered.
 *
 * @property string|null                          $note
 * @property \stdClass|null                       $house_rules
 * @property array{name: string, count: int}|null $pieces      what the lines are written for one of
 * @property bool                                 $archived    put away: kept, and out of the way
 * @property Collection<int, Line>                $lines
 */
final class Scope extends ListRow
{
    protected $casts = ['pieces' => 'array'];

    /** @return HasMany<Line, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(Line::class)->orderBy('position');
    }

}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Tools that travel together.
 *
 * @property string|null              $note
 * @property bool                     $tracked kept by its things
 * @property Collection<int, KitTool> $entries
 */
final class Kit extends ListRow
{
    /** @return HasMany<KitTool, $this> */
    public function entries(): HasMany
    {
        return $this->hasMany(KitTool::class)->orderBy('position');
    }

}

<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A workshop: every other row belongs to one, and nothing is reachable across shops.
 *
 * @property int                          $id
 * @property string                       $name
 * @property bool                         $is_demo
 * @property string                       $currency     by its code of ISO 4217
 * @property string                       $sizes        gauge or metric
 * @property string                       $length       mm or inch
 * @property string                       $force        N or lbf
 * @property string                       $theme        auto, light or dark
 * @property string                       $decimal_sign of tables for spreadsheets: point or comma
 * @property bool                         $is_unnamed   until its first lead has named it
 * @property \stdClass|null               $house_rules  as the workbook writes them
 * @property \Carbon\CarbonImmutable|null $feed_since   when its calendar got the address that it has
 */
final class Shop extends Model
{
    protected $fillable = ['name', 'is_demo', 'currency', 'sizes', 'length', 'force', 'theme', 'decimal_sign', 'is_unnamed', 'house_rules', 'feed_proof', 'feed_since'];

    /** A shop of which only the id is known: enough to reach what belongs to it; refresh() reads the rest. */
    public static function ofId(int $id): self
    {
        $shop = new self();
        $shop->setRawAttributes(['id' => $id], sync: true);
        $shop->exists = true;

        return $shop;
    }

    /** Holds the row until the transaction ends, so that writers to a shop come one after the other. */
    public function lock(): self
    {
        self::query()->whereKey($this->getKey())->lockForUpdate()->firstOrFail();

        return $this->refresh();
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Wire, $this> */
    public function wires(): HasMany
    {
        return $this->hasMany(Wire::class);
    }

    /** @return HasMany<Terminal, $this> */
    public function terminals(): HasMany
    {
        return $this->hasMany(Terminal::class);
    }

    /** @return HasMany<Tool, $this> */
    public function tools(): HasMany
    {
        return $this->hasMany(Tool::class);
    }

    /** @return HasMany<Kit, $this> */
    public function kits(): HasMany
    {
        return $this->hasMany(Kit::class);
    }

    /**
     * The rows of a list of the workbook, by the table of its name.
     *
     * @return HasMany<ListRow, $this>
     */
    public function listed(string $list): HasMany
    {
        $row = (new ListRow())->setTable($list);

        return $this->newHasMany($row->newQuery(), $this, $list . '.shop_id', 'id');
    }

    /** @return HasMany<Plan, $this> */
    public function plans(): HasMany
    {
        return $this->hasMany(Plan::class);
    }

    /** @return HasMany<Scope, $this> */
    public function scopes(): HasMany
    {
        return $this->hasMany(Scope::class);
    }

    /** @return HasMany<KitTool, $this> */
    public function kitTools(): HasMany
    {
        return $this->hasMany(KitTool::class);
    }

    /** @return HasMany<Line, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(Line::class);
    }

    /** @return HasMany<LogEntry, $this> */
    public function logEntries(): HasMany
    {
        return $this->hasMany(LogEntry::class);
    }

    /** @return HasMany<Alias, $this> */
    public function aliases(): HasMany
    {
        return $this->hasMany(Alias::class);
    }

    /** @return HasMany<ColumnName, $this> */
    public function columnNames(): HasMany
    {
        return $this->hasMany(ColumnName::class);
    }

    /** @return HasMany<Import, $this> */
    public function imports(): HasMany
    {
        return $this->hasMany(Import::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_demo' => 'boolean', 'is_unnamed' => 'boolean', 'house_rules' => 'object', 'feed_since' => 'immutable_datetime'];
    }
}

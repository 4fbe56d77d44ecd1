<?php

declare(strict_types=1);

namespace App\History;

use Gondrik\Core\Workbook\WorkbookList;

/**
 * What a change is about: a thing of one of the workbook's lists, a line of a scope, the order of a scope's lines, an entry of the log, that
 * something waits for the lead, the shop's currency, its house rules, or how it is called and tells things.
 */
final readonly class Place
{
    public const LINES = 'lines';

    public const ORDER = 'order';

    /** What has happened: an entry comes, and stays. */
    public const LOG = 'log';

    /** What the prices of the shop are in. */
    public const CURRENCY = 'currency';

    /** What the shop is called and how it tells things. */
    public const SETTINGS = 'settings';

    /** What everything is judged by, where no scope says otherwise. */
    public const RULES = 'rules';

    /** That a thing waits for the lead: its id is the thing's, its scope the thing's list. */
    public const PROPOSED = 'proposed';

    public function __construct(
        /** A list of the workbook, or one of those above. */
        public string $list,
        /** Of an order the scope's. */
        public string $id,
        /** Of a line the scope it is in. */
        public ?string $scope = null,
    ) {}

    public static function line(string $scope, string $id): self
    {
        return new self(self::LINES, $id, $scope);
    }

    public static function currency(): self
    {
        return new self(self::CURRENCY, 'shop');
    }

    public static function settings(): self
    {
        return new self(self::SETTINGS, 'shop');
    }

    public static function rules(): self
    {
        return new self(self::RULES, 'shop');
    }

    public static function proposed(WorkbookList $list, string $id): self
    {
        return new self(self::PROPOSED, $id, $list->value);
    }

    /** Whether only the lead changes it: what everything is judged by, what it is paid in, and what was written down as having happened. */
    public function isForTheLead(): bool
    {
        return in_array($this->list, [self::CURRENCY, self::SETTINGS, self::RULES, self::PROPOSED, self::LOG], true) || WorkbookList::tryFrom($this->list)?->isOfModels() === true;
    }

    public function isLine(): bool
    {
        return $this->list === self::LINES;
    }

    public function isEntry(): bool
    {
        return $this->list === self::LOG;
    }

    public function isOrder(): bool
    {
        return $this->list === self::ORDER;
    }

    /** "wires/w12", "lines/cabin/l1" */
    public function path(): string
    {
        return implode('/', array_filter([$this->list, $this->scope, $this->id], is_string(...)));
    }

    /** @return list<string> its path, and of a line that of all lines of its scope */
    public function about(): array
    {
        return $this->isLine() ? [$this->path(), self::LINES . '/' . $this->scope] : [$this->path()];
    }
}

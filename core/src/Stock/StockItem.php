<?php

declare(strict_types=1);

namespace Gondrik\Core\Stock;

use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Terminal\TubeSize;
use Gondrik\Core\Value\ByReference;
use Gondrik\Core\Value\Invalid;

/** What a stock entry is a stock of: a terminal, a size of shrinking tube, or whatever else has a name and is needed by no line. */
final readonly class StockItem
{
    /** @throws Invalid when it is none of these or more than one, or a tube that the table has not */
    public function __construct(
        #[ByReference]
        public ?Terminal $terminal = null,
        /** The size as the table of shrinking tubes has it. */
        public ?string $sleeve = null,
        /** Of a tube: with adhesive inside. */
        public bool $lined = false,
        /** Blades, gas, solder, tape. */
        public ?string $name = null,
    ) {
        if (count(array_filter([$terminal, $sleeve, $name], static fn(mixed $one): bool => $one !== null)) !== 1) {
            throw Invalid::at('', null, 'give terminal, sleeve or name, one of them');
        }
        if ($lined && $sleeve === null) {
            throw Invalid::at('lined', true, 'left out: only a sleeve is lined');
        }
        if ($sleeve !== null && TubeSize::named($sleeve, $lined) === null) {
            throw Invalid::at('sleeve', $sleeve, 'a stock size of ' . ($lined ? 'lined' : 'plain') . ' tube: ' . implode(', ', array_column(TubeSize::all($lined), 'name')));
        }
    }

    public static function ofTerminal(Terminal $terminal): self
    {
        return new self(terminal: $terminal);
    }

    public static function ofTube(TubeSize $size): self
    {
        return new self(sleeve: $size->name, lined: $size->isLined);
    }

    /** Equal for one and the same item. */
    public function key(): string
    {
        return match (true) {
            $this->terminal !== null => 'terminal/' . $this->terminal->id,
            $this->sleeve !== null => 'sleeve/' . ($this->lined ? 'lined/' : 'plain/') . $this->sleeve,
            default => 'name/' . $this->name,
        };
    }

    public function tube(): ?TubeSize
    {
        return $this->sleeve === null ? null : TubeSize::named($this->sleeve, $this->lined);
    }
}

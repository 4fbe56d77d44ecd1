<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Symfony\Component\Console\Input\InputInterface;

/** What every command asks of its workbook and options; all that is not valid is told by what it names. */
final readonly class WorkbookQuestion
{
    public function __construct(private InputInterface $input) {}

    /** @throws InvalidWorkbook|\InvalidArgumentException */
    public function workbook(): Workbook
    {
        $path = (string) $this->input->getArgument('workbook');
        // One byte too many is enough to know that it is too large.
        $text = is_file($path) ? file_get_contents($path, length: WorkbookCodec::LARGEST + 1) : false;
        if ($text === false) {
            throw new \InvalidArgumentException($path . ': there is no such file, or it cannot be read');
        }

        return (new WorkbookCodec())->read($text);
    }

    public function isStated(string $option): bool
    {
        return $this->input->getOption($option) !== null;
    }

    public function option(string $name): string
    {
        return $this->input->getOption($name) ?? throw new \InvalidArgumentException('--' . $name . ' is missing: say which ' . $name . ' by its id');
    }

    /** @param list<string> $allowed */
    public function oneOf(string $name, array $allowed): string
    {
        $value = $this->option($name);

        return in_array($value, $allowed, true) ? $value : throw new \InvalidArgumentException('--' . $name . ' "' . $value . '": must be ' . implode(' or ', $allowed));
    }

    public function kit(Workbook $workbook): Kit
    {
        return $workbook->kit($this->option('kit')) ?? throw $this->unknown('kit', $workbook->kits);
    }

    public function scope(Workbook $workbook): Scope
    {
        return $workbook->scope($this->option('scope')) ?? throw $this->unknown('scope', $workbook->scopes);
    }

    /** @param list<Kit|Scope> $things */
    private function unknown(string $name, array $things): \InvalidArgumentException
    {
        $ids = array_map(static fn(Kit|Scope $thing): string => $thing->id, $things);

        return new \InvalidArgumentException('--' . $name . ' "' . $this->option($name) . '": no ' . $name . ' of the workbook has this id; there are ' . ($ids === [] ? 'none' : implode(', ', $ids)));
    }
}

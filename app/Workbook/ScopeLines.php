<?php

declare(strict_types=1);

namespace App\Workbook;

use App\Models\Scope;
use App\Models\Shop;
use Gondrik\Core\Scope\Line;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Wire\Wire;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\ObjectCodec;
use Gondrik\Core\Workbook\Problem;
use Gondrik\Core\Workbook\WorkbookCodec;
use Illuminate\Database\Eloquent\ModelNotFoundException;

/**
 * Lines that are written one by one, each under the shop's lock. What comes in is read by the codec and its schema, with the
 * problems and paths of an import.
 */
final readonly class ScopeLines
{
    /** Hexadecimal figures of a version. */
    private const FIGURES = 16;

    public function __construct(private ShopStore $store, private ShopWorkbook $shops, private WorkbookCodec $codec = new WorkbookCodec()) {}

    /** Equal for lines of equal content: a write that says which it has seen meets no other. */
    public static function version(Line $line): string
    {
        return substr(hash('sha256', json_encode((new ObjectCodec())->write($line), JSON_THROW_ON_ERROR)), 0, self::FIGURES);
    }

    /**
     * Adds a line at the end of a scope; without an id it gets the next that is free.
     *
     * @throws InvalidWorkbook               with every problem, below "line"
     * @throws ModelNotFoundException<Scope> when the shop has no such scope
     */
    public function add(Shop $shop, string $scope, \stdClass $line): Line
    {
        return $this->store->change($shop, function (Shop $locked) use ($scope, $line): Line {
            $row = $locked->scopes()->where('code', $scope)->firstOrFail();
            $taken = $locked->lines()->where('scope_id', $row->id)->pluck('code')->flip();
            if (!isset($line->id)) {
                $next = $taken->count() + 1;
                while ($taken->has('line-' . $next)) {
                    $next++;
                }
                $line->id = 'line-' . $next;
            } elseif (is_string($line->id) && $taken->has($line->id)) {
                throw new InvalidWorkbook([new Problem('line/id', $line->id, 'an id that no line of this scope has')]);
            }
            $read = $this->read($locked, $scope, $line);
            $this->store->addLine($locked, $row->id, $read);

            return $read;
        });
    }

    /**
     * Takes a line out, as long as it is still the one that was seen.
     *
     * @throws ChangedMeanwhile              when it is another by now
     * @throws ModelNotFoundException<Scope> when there is no such scope, or line in it
     */
    public function remove(Shop $shop, string $scope, string $line, string $version): void
    {
        $this->store->change($shop, function (Shop $locked) use ($scope, $line, $version): void {
            if (self::version($this->shops->line($locked, $scope, $line)) !== $version) {
                throw new ChangedMeanwhile('The line has been changed since you saw it. Nothing was taken out.');
            }
            $this->store->removeLine($locked, $locked->scopes()->where('code', $scope)->firstOrFail()->id, $line);
        });
    }

    private function read(Shop $shop, string $scope, \stdClass $line): Line
    {
        $catalogue = $this->shops->forEntry($shop, $scope, null);
        $named = static fn(array $things, string ...$keys): array => array_values(array_filter($things, static fn(Wire|Terminal $thing): bool => in_array($thing->id, array_map(static fn(string $key): mixed => $line->{$key} ?? null, $keys), true)));
        $objects = new ObjectCodec();
        try {
            return $this->codec->read(json_encode([
                'gondrik' => 1,
                'wires' => array_map($objects->write(...), $named($catalogue->wires, 'wire', 'wireB')),
                'terminals' => array_map($objects->write(...), $named($catalogue->terminals, 'terminal')),
                'scopes' => [['id' => $scope, 'name' => $scope, 'lines' => [$line]]],
            ], JSON_THROW_ON_ERROR))->scopes[0]->lines[0];
        } catch (InvalidWorkbook $error) {
            throw new InvalidWorkbook(array_map(static fn(Problem $problem): Problem => new Problem(
                (string) preg_replace('~^scopes/0/lines/0~', 'line', $problem->path),
                $problem->value,
                str_replace('of the workbook', 'of the shop', $problem->expected),
            ), $error->problems));
        }
    }
}

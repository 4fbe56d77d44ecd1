<?php

declare(strict_types=1);

namespace Gondrik\Core\Workbook;

use Gondrik\Core\Log\Log;
use Gondrik\Core\OnDay\ShopOnDay;
use Gondrik\Core\Rotation\Rotation;
use Gondrik\Core\Rules\HouseRules;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Skill\Skills;
use Gondrik\Core\Supplies\Stocktaking;
use Gondrik\Core\Supplies\Supplies;
use Gondrik\Core\Terminal\Terminal;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\KitAsItStands;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Training\Exercise;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Training\Station;
use Gondrik\Core\Value\Changed;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Inline;
use Gondrik\Core\Value\ListOf;
use Gondrik\Core\Wire\Wire;

/** Everything that goes in and out, as one document. */
final readonly class Workbook
{
    use Changed;

    /**
     * @param list<Wire>     $wires
     * @param list<Terminal> $terminals
     * @param list<Tool>     $tools
     * @param list<Kit>      $kits
     * @param list<Scope>    $scopes
     */
    public function __construct(
        public ?string $title = null,
        public ?RuleChoice $houseRules = null,
        #[ListOf(Wire::class)]
        public array $wires = [],
        #[ListOf(Terminal::class)]
        public array $terminals = [],
        #[ListOf(Tool::class)]
        public array $tools = [],
        #[ListOf(Kit::class)]
        public array $kits = [],
        #[ListOf(Scope::class)]
        public array $scopes = [],
        #[Inline]
        public Register $register = new Register(),
    ) {}

    /**
     * The same with other kits.
     *
     * @param list<Kit> $kits
     */
    public function withKits(array $kits): self
    {
        return $this->but(kits: $kits);
    }

    /**
     * The same with other tools to speak of.
     *
     * @param list<Tool> $tools
     */
    public function withTools(array $tools): self
    {
        return $this->but(tools: $tools);
    }

    /**
     * The same with other scopes.
     *
     * @param list<Scope> $scopes
     */
    public function withScopes(array $scopes): self
    {
        return $this->but(scopes: $scopes);
    }

    /** The same under other rules of the house. */
    public function withHouseRules(?RuleChoice $houseRules): self
    {
        return $this->but(houseRules: $houseRules);
    }

    public function kit(string $id): ?Kit
    {
        return self::find($this->kits, $id);
    }

    public function scope(string $id): ?Scope
    {
        return self::find($this->scopes, $id);
    }

    /** The shop's house rules, over them the scope's, and over those what is asked as if it were so. */
    public function rulesFor(Scope $scope, ?RuleChoice $asked = null): HouseRules
    {
        return HouseRules::inForce($this->houseRules, $scope->houseRules, $asked);
    }

    /** The shop's own house rules. */
    public function rules(): HouseRules
    {
        return HouseRules::inForce($this->houseRules);
    }

    /** A kit with all that is packed, and behind it what the kits have that it shares; nothing where no kit is in hand. */
    public function onPaper(?Kit $kit): KitAsItStands
    {
        return $kit === null ? KitAsItStands::none() : KitAsItStands::onPaper($kit, $this->onDay()->shared($kit));
    }

    /** Its kits with what counts in them, on paper and on a day. */
    public function onDay(): ShopOnDay
    {
        return ShopOnDay::of($this->kits, $this->register->assets, $this->register->log, $this->rules()->pullStandard);
    }

    /**
     * What is on its shelf on a day against what some of its work asks for.
     *
     * @param list<Scope> $scopes
     * @param int         $weeks  of the weekly use that is to be there beside the work
     */
    public function supplies(array $scopes, Day $day, int $weeks = 0): Supplies
    {
        return Supplies::of($this->register->stock, $this->register->boxes, $this->terminals, Log::of($this->register->log), $scopes, $this->rulesFor(...), $day, $weeks);
    }

    /**
     * What is on its shelf against some of its work, before anything is bought.
     *
     * @param list<Scope> $scopes
     */
    public function stocktaking(array $scopes, Day $day): Stocktaking
    {
        return Stocktaking::of($this->register->stock, Log::of($this->register->log), $scopes, $this->rulesFor(...), $day);
    }

    /**
     * Who of a class is when at which station.
     *
     * @param float        $seconds for each question
     * @param list<string> $more    ids of stations of which is asked what one place more is worth
     * @param int|null     $now     minutes from its start, from which on the timetable that it keeps is planned anew; null: all of it
     */
    public function rotation(Session $session, float $seconds, array $more = [], ?int $now = null): Rotation
    {
        return Rotation::of($session, $this->stationsOf($session), $this->exercisesOf($session), $seconds, $more, $now);
    }

    /** @return list<Station> of a session, in its order */
    public function stationsOf(Session $session): array
    {
        $stations = array_column($this->register->stations, null, 'id');

        return array_map(static fn(string $id): Station => $stations[$id], $session->stations);
    }

    /** @return list<Exercise> of a session, in its order */
    public function exercisesOf(Session $session): array
    {
        $exercises = array_column($this->register->exercises, null, 'id');

        return array_map(static fn(string $id): Exercise => $exercises[$id], $session->exercises);
    }

    /** What its people can do on a day. */
    public function skills(Day $day): Skills
    {
        return Skills::of($this->register->people, Log::of($this->register->log), $day, $this->rules()->practicePieces);
    }

    /** Somebody as who works on a day; null where nobody has the id. */
    public function worker(string $id, Day $day): ?Worker
    {
        $person = array_column($this->register->people, null, 'id')[$id] ?? null;

        return $person === null ? null : $this->skills($day)->worker($person);
    }

    /**
     * @template T of Kit|Scope
     *
     * @param list<T> $things
     *
     * @return T|null
     */
    private static function find(array $things, string $id): Kit|Scope|null
    {
        foreach ($things as $thing) {
            if ($thing->id === $id) {
                return $thing;
            }
        }

        return null;
    }
}

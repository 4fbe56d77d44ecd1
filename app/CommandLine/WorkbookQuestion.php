<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Rules\RuleChoice;
use Gondrik\Core\Scope\Scope;
use Gondrik\Core\Tool\Kit;
use Gondrik\Core\Tool\Tool;
use Gondrik\Core\Tool\Worker;
use Gondrik\Core\Training\Session;
use Gondrik\Core\Value\Clock;
use Gondrik\Core\Value\Day;
use Gondrik\Core\Value\Invalid;
use Gondrik\Core\Workbook\InvalidWorkbook;
use Gondrik\Core\Workbook\RulesCodec;
use Gondrik\Core\Workbook\Workbook;
use Gondrik\Core\Workbook\WorkbookCodec;
use Symfony\Component\Console\Input\InputInterface;

/** What every command asks of its workbook and options; all that is not valid is told by what it names. */
final readonly class WorkbookQuestion
{
    /** More money or mass than any shop has. */
    private const LARGEST = 1_000_000_000_000;

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

    public function argument(string $name): string
    {
        return (string) $this->input->getArgument($name);
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

    /**
     * The id of one of some things, named by the option of that name.
     *
     * @param list<object{id: string}> $things
     *
     * @throws \InvalidArgumentException
     */
    public function idOf(string $option, array $things): string
    {
        $id = $this->option($option);

        return in_array($id, array_column($things, 'id'), true) ? $id : throw new \InvalidArgumentException('--' . $option . ' "' . $id . '": no ' . $option . ' of the workbook has this id');
    }

    public function kit(Workbook $workbook): Kit
    {
        return $workbook->kit($this->option('kit')) ?? throw $this->unknown('kit', $this->option('kit'), $workbook->kits);
    }

    public function scope(Workbook $workbook): Scope
    {
        return $workbook->scope($this->option('scope')) ?? throw $this->unknown('scope', $this->option('scope'), $workbook->scopes);
    }

    public function session(Workbook $workbook): Session
    {
        $known = array_column($workbook->register->sessions, null, 'id');

        return $known[$this->option('session')] ?? throw $this->unknown('session', $this->option('session'), $workbook->register->sessions);
    }

    /**
     * Stations of a class, each once.
     *
     * @return list<string> ids
     *
     * @throws \InvalidArgumentException where one is none of that class
     */
    public function stationsOf(Session $session, string $option): array
    {
        $ids = array_values(array_unique($this->input->getOption($option)));
        foreach ($ids as $id) {
            if (!in_array($id, $session->stations, true)) {
                throw new \InvalidArgumentException('--' . $option . ' "' . $id . '": no station of the session has this id; there are ' . (implode(', ', $session->stations) ?: 'none'));
            }
        }

        return $ids;
    }

    /**
     * @return non-empty-list<Scope> each once
     *
     * @throws \InvalidArgumentException
     */
    public function scopes(Workbook $workbook): array
    {
        $scopes = [];
        foreach ($this->input->getOption('scope') as $id) {
            $scopes[$id] = $workbook->scope($id) ?? throw $this->unknown('scope', $id, $workbook->scopes);
        }

        return $scopes === [] ? throw new \InvalidArgumentException('--scope is missing: say which scope by its id') : array_values($scopes);
    }

    /**
     * Those that are named, in the order of the workbook; all where none is.
     *
     * @template T of Kit|Scope
     *
     * @param list<T> $things
     *
     * @return list<T>
     *
     * @throws \InvalidArgumentException
     */
    public function some(string $option, array $things): array
    {
        $ids = $this->input->getOption($option);
        $known = array_column($things, null, 'id');
        foreach ($ids as $id) {
            if (!isset($known[$id])) {
                throw $this->unknown($option, $id, $things);
            }
        }

        return $ids === [] ? $things : array_values(array_filter($things, static fn(Kit|Scope $thing): bool => in_array($thing->id, $ids, true)));
    }

    /**
     * @return list<Tool> each once
     *
     * @throws \InvalidArgumentException
     */
    public function tools(string $option, Workbook $workbook): array
    {
        $known = array_column($workbook->tools, null, 'id');
        $tools = [];
        foreach ($this->input->getOption($option) as $id) {
            $tools[$id] = $known[$id] ?? throw new \InvalidArgumentException('--' . $option . ' "' . $id . '": no tool of the workbook has this id');
        }

        return array_values($tools);
    }

    /**
     * House rules as if they were so: KEY=VALUE, the value as JSON or a bare word.
     *
     * @return RuleChoice|null null where none is asked
     *
     * @throws \InvalidArgumentException
     */
    public function rules(): ?RuleChoice
    {
        $rules = [];
        foreach ($this->input->getOption('rule') as $text) {
            [$key, $value] = [...explode('=', $text, 2), null];
            if ($key === '' || $value === null) {
                throw new \InvalidArgumentException('--rule "' . $text . '": must be KEY=VALUE, like pullTest=sample');
            }
            $json = json_decode($value);
            $rules[$key] = $json === null && $value !== 'null' ? $value : $json;
        }
        if ($rules === []) {
            return null;
        }
        try {
            return (new RulesCodec())->read((object) $rules);
        } catch (InvalidWorkbook $refused) {
            $problem = $refused->problems[0];

            throw new \InvalidArgumentException('--rule "' . $problem->path . '"' . ($problem->value === null ? '' : ' ' . json_encode($problem->value, JSON_UNESCAPED_UNICODE)) . ': ' . $problem->expected);
        }
    }

    /**
     * A day; null where none is given.
     *
     * @throws \InvalidArgumentException
     */
    public function day(string $option): ?Day
    {
        if (!$this->isStated($option)) {
            return null;
        }
        try {
            return Day::read($this->option($option));
        } catch (Invalid $refused) {
            throw new \InvalidArgumentException('--' . $option . ' "' . $this->option($option) . '": ' . $refused->expected);
        }
    }

    /**
     * Who works; without a day as they can today. Null where nobody in particular is asked about.
     *
     * @throws \InvalidArgumentException
     */
    public function worker(Workbook $workbook, ?Day $day = null): ?Worker
    {
        if (!$this->isStated('hand')) {
            return null;
        }
        $id = $this->option('hand');

        return $workbook->worker($id, $day ?? self::today()) ?? throw $this->unknown('hand', $id, $workbook->register->people, 'person');
    }

    /**
     * What comes to the kit and what is barred, as if it were so.
     *
     * @return array{list<Tool>, list<Tool>}
     *
     * @throws \InvalidArgumentException where one stands in both
     */
    public function supposed(Workbook $workbook): array
    {
        [$with, $without] = [$this->tools('with', $workbook), $this->tools('without', $workbook)];
        foreach ($with as $tool) {
            if (in_array($tool, $without, true)) {
                throw new \InvalidArgumentException('--with "' . $tool->id . '": it is barred by --without');
            }
        }

        return [$with, $without];
    }

    public function isSet(string $flag): bool
    {
        return $this->input->getOption($flag) === true;
    }

    /**
     * A whole number, nought or more; null where it is not given.
     *
     * @throws \InvalidArgumentException
     */
    public function amount(string $option): ?int
    {
        if (!$this->isStated($option)) {
            return null;
        }
        $text = $this->option($option);
        $number = filter_var($text, FILTER_VALIDATE_INT, ['options' => ['min_range' => 0, 'max_range' => self::LARGEST]]);

        return $number === false ? throw new \InvalidArgumentException('--' . $option . ' "' . $text . '": must be a whole number from 0 to ' . self::LARGEST) : $number;
    }

    /** @throws \InvalidArgumentException */
    public function seconds(string $option): float
    {
        $text = $this->option($option);
        $number = filter_var($text, FILTER_VALIDATE_FLOAT);

        return $number === false || $number <= 0.0 || $number > 86_400 ? throw new \InvalidArgumentException('--' . $option . ' "' . $text . '": must be a number of seconds above 0, at most 86400') : $number;
    }

    /**
     * A time on the day of a class.
     *
     * @return int|null minutes from its start; null where none is named
     *
     * @throws \InvalidArgumentException for what no clock shows, and for a time before the start
     */
    public function minutesOf(Session $session, string $option): ?int
    {
        $text = $this->input->getOption($option);
        if ($text === null) {
            return null;
        }
        try {
            $minutes = Clock::read($text)->minutes - $session->begins()->minutes;
        } catch (Invalid $refused) {
            throw new \InvalidArgumentException('--' . $option . ' "' . $text . '": ' . $refused->expected);
        }

        return $minutes < 0 ? throw new \InvalidArgumentException('--' . $option . ' "' . $text . '": must be a time from the start on, ' . $session->begins()) : $minutes;
    }

    public static function today(): Day
    {
        return Day::read(date('Y-m-d'));
    }

    /** @param list<Kit|Scope|Person|Session> $things */
    private function unknown(string $name, string $id, array $things, ?string $kind = null): \InvalidArgumentException
    {
        $ids = array_map(static fn(Kit|Scope|Person|Session $thing): string => $thing->id, $things);

        return new \InvalidArgumentException('--' . $name . ' "' . $id . '": no ' . ($kind ?? $name) . ' of the workbook has this id; there are ' . ($ids === [] ? 'none' : implode(', ', $ids)));
    }
}

<?php

declare(strict_types=1);

namespace App\CommandLine;

use Gondrik\Core\Asset\Person;
use Gondrik\Core\Output\SkillWriter;
use Gondrik\Core\Skill\SkillNeeds;
use Gondrik\Core\Skill\SkillOnDay;
use Gondrik\Core\Skill\Skills;
use Gondrik\Core\Wording\Words;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** gondrik people WORKBOOK: who can do what, and what the work asks for. */
#[AsCommand('people', 'Tells what people can do on a day and which skills the scopes ask for. Exit 0; 2: not a valid question.')]
final class PeopleCommand extends WorkbookCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addOption('on', null, InputOption::VALUE_REQUIRED, 'The day; without it today')
            ->addOption('scope', null, self::MANY, 'Id of a scope; may be given several times; without one, all');
        $this->addFormat();
    }

    protected function answer(WorkbookQuestion $asked, OutputInterface $output): int
    {
        $format = $asked->oneOf('format', ['text', 'json']);
        $workbook = $asked->workbook();
        $scopes = $asked->some('scope', $workbook->scopes);
        $day = $asked->day('on') ?? WorkbookQuestion::today();
        $skills = $workbook->skills($day);
        $needed = SkillNeeds::of($scopes, $workbook->rulesFor(...));
        $writer = new SkillWriter();
        $format === 'json'
            ? self::json($output, ['on' => $day->plain(), 'people' => $writer->people($skills), 'skills' => $writer->needed($needed, $skills)])
            : $output->writeln([...self::told($skills), ...self::asked($needed, $skills)], OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }

    /** @return list<string> */
    private static function told(Skills $skills): array
    {
        $lines = [];
        foreach ($skills->people as $person) {
            $lines[] = $person->name;
            foreach ($skills->ofPerson($person) as $one) {
                $lines[] = '  ' . $one->skill . ': ' . self::level($one);
            }
        }

        return $lines;
    }

    private static function level(SkillOnDay $one): string
    {
        $parts = [
            $one->level === null ? 'no longer with the shop' : Words::for('level', $one->level->value) . ' since ' . $one->since,
            ...$one->until === null ? [] : ['until ' . $one->until],
            ...$one->tries === 0 ? [] : [$one->good . ' of ' . $one->tries . ' good'],
            ...$one->mayAsk ? ['may ask to be signed off'] : [],
        ];

        return implode(', ', $parts);
    }

    /**
     * @param array<string, int> $needed
     *
     * @return list<string>
     */
    private static function asked(array $needed, Skills $skills): array
    {
        $lines = [];
        foreach ($needed as $skill => $terminations) {
            $holders = array_map(static fn(Person $person): string => $person->name, $skills->holders($skill));
            $lines[] = sprintf('%s, %s: %s', $skill, Words::counted($terminations, 'termination'), $holders === [] ? 'nobody is signed off' : implode(', ', $holders));
        }

        return $lines;
    }
}

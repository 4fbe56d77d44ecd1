<?php

declare(strict_types=1);

namespace App\CommandLine;

use Symfony\Component\Console\Output\OutputInterface;

/** An entry in the terminal: what each piece was taken for, then what is open and how it is judged. */
final readonly class TextEntry
{
    public function __construct(private OutputInterface $output) {}

    /** @param array<string, mixed> $entry as EntryWriter writes it */
    public function write(array $entry): void
    {
        foreach ($entry['tokens'] as $token) {
            $this->say($token['means'] . ': ' . $token['text'] . (isset($token['id']) ? ' (' . $token['id'] . ')' : ''));
        }
        foreach ($entry['unknown'] as $piece) {
            $this->say('? ' . $piece['text'] . ': not understood');
        }
        foreach ($entry['questions'] as $question) {
            $this->say('? ' . $question['text'] . ($question['candidates'] === [] ? '' : ' ' . implode(', ', $question['candidates'])));
        }
        foreach ($entry['checks'] ?? [] as $check) {
            $this->say('- ' . $check['text']);
        }
        if (isset($entry['status'])) {
            $this->say((string) $entry['status']);
        }
    }

    private function say(string $line): void
    {
        $this->output->writeln($line, OutputInterface::OUTPUT_RAW);
    }
}

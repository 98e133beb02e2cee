<?php

declare(strict_types=1);

namespace Tests\Feature;

/** A text, a book and a report to be saved as the page sends them. */
trait WrittenBooks
{
    /** @return array<string, mixed> */
    private static function text(string $person, string $fact, string $record): array
    {
        $node = static fn (string $type, array $attributes): array => ['type' => $type, 'attrs' => $attributes];

        return ['title' => 'The keeper', 'personId' => $person, 'body' => ['type' => 'doc', 'content' => [['type' => 'paragraph',
            'content' => [
                $node('person', ['person' => $person, 'told' => 'Ewan Tarrel']), ['type' => 'text', 'text' => ' was born '],
                $node('fact', ['owner' => $person, 'fact' => $fact, 'form' => 'when', 'told' => 'in 1847']),
                ['type' => 'text', 'text' => '.'], $node('citation', ['record' => $record]),
            ]]]]];
    }

    /** @return array<string, mixed> */
    private static function savedReport(string $person): array
    {
        return ['name' => 'The line for the wall', 'kind' => 'register', 'subject' => $person, 'options' => ['generations' => '3']];
    }

    /** @return array<string, mixed> */
    private static function book(string $person, string $text, string $drawing): array
    {
        $chapter = static fn (string $kind, string $report, string $subject): array => ['kind' => $kind, 'title' => '', 'report' => $report,
            'subject' => $subject, 'options' => []];

        return ['title' => 'The Tarrels', 'subtitle' => 'Keepers of the light', 'author' => 'Una Fenwhistle', 'chapters' => [
            $chapter('text', '', $text), $chapter('report', 'register', $person), $chapter('drawing', '', $drawing)]];
    }
}

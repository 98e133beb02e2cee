<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;

/** A proof summary for print: the words that were written, the claims in a table, and every citation in full. */
final class ProofSummary
{
    /**
     * @param  string  $text  paragraphs parted by empty lines; the first is the question
     * @param  list<array{told: string, words: string, classes: string, weight: string, note: list<StyledWords>}>  $claims
     * @param  string  $day  on which it is printed
     */
    public static function build(string $title, string $text, array $claims, string $day): Document
    {
        $blocks = [new Heading(1, [StyledWords::plain($title)])];
        foreach (array_filter(preg_split('/\n{2,}/', trim($text)) ?: []) as $paragraph) {
            foreach ($paragraph === $title ? [] : explode("\n", $paragraph) as $line) {
                $blocks[] = new Paragraph([StyledWords::plain($line)]);
            }
        }
        if ($claims !== []) {
            $blocks[] = new Table('Claims', ['', 'Told', 'Words', 'Classed', 'Weight'],
                array_map(static fn (array $claim, int $at): array => [
                    [StyledWords::faint((string) ($at + 1))], [StyledWords::plain($claim['told'])], [StyledWords::plain($claim['words'])],
                    [StyledWords::plain($claim['classes'])], [StyledWords::plain($claim['weight'])],
                ], $claims, array_keys($claims)));
            $blocks[] = new Heading(2, [StyledWords::plain('Citations')]);
            foreach ($claims as $at => $claim) {
                $blocks[] = new Paragraph([StyledWords::faint(($at + 1).'. '), ...$claim['note']]);
            }
        }

        return new Document($title, "Proof summary, printed {$day}", $blocks);
    }
}

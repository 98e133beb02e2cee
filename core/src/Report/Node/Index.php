<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** Where in a book each person or place is named. */
final readonly class Index implements Block
{
    /**
     * @param  string  $style  of the words that are listed: person or place
     * @param  array<string, string>  $entries  what is printed of each, by the key of its words, in their order
     */
    public function __construct(public string $title, public string $style, public array $entries)
    {
    }

    /**
     * Its lines. Places that are printed alike are one; people of one name are not.
     *
     * @param  array<string, array<int, string>>  $mentions  anchors by style and key, each a letter and a number that counts them
     * @return list<array{string, non-empty-list<string>}> what is printed, and the anchors in the order of the text; none without
     */
    public function lines(array $mentions): array
    {
        $lines = [];
        foreach ($this->entries as $key => $label) {
            $anchors = $mentions["{$this->style} {$key}"] ?? [];
            $line = $this->style === 'place' ? $label : $key;
            if ($anchors !== []) {
                $lines[$line] = [$label, [...$lines[$line][1] ?? [], ...array_values($anchors)]];
            }
        }
        foreach ($lines as &$line) {
            natsort($line[1]);
            $line[1] = array_values($line[1]);
        }

        return array_values($lines);
    }
}

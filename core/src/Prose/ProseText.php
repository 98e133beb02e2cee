<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A text that somebody wrote, with the facts, people and citations that were called into it. */
final readonly class ProseText
{
    /** @param  list<ProseBlock>  $blocks */
    public function __construct(public array $blocks)
    {
    }

    /**
     * @template T of ProsePart
     *
     * @param  class-string<T>  $class
     * @return list<T> in the order in which they stand
     */
    public function parts(string $class): array
    {
        $found = [];
        foreach ($this->blocks as $block) {
            foreach ($block->parts as $part) {
                if ($part instanceof $class) {
                    $found[] = $part;
                }
            }
        }

        return $found;
    }

    /** How many words it has, as whoever writes counts them. */
    public function words(): int
    {
        return count(preg_split('/\s+/u', $this->plain(), -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }

    /** The words alone, a line for each block. */
    public function plain(): string
    {
        return implode("\n", array_map(static fn (ProseBlock $block): string => implode('', array_map(
            static fn (ProsePart $part): string => match (true) {
                $part instanceof TextRun => $part->text,
                $part instanceof FactCall, $part instanceof PersonCall => $part->told,
                default => '',
            }, $block->parts)), $this->blocks));
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Structure;

/**
 * Puts a structure together so that what came from a file stands where it stood, in the words that it had, and
 * what is new follows.
 */
final class StructureBuilder
{
    /** @var list<array{int, int, Structure}> ordinal, turn, line */
    private array $parts = [];

    /**
     * @param  array<string, array{int, string}>  $written  tag path => [ordinal, payload] as the file had them
     * @param  list<KeptRow>  $kept  of this row
     * @param  \Closure(string): Structure  $restore  kept lines as a structure, its pointers brought up to date
     */
    public function __construct(
        private readonly Structure $structure,
        private readonly array $written,
        private readonly array $kept,
        private readonly \Closure $restore,
        private readonly string $path = '',
    ) {
        foreach ($kept as $row) {
            if ($row->path === $path) {
                $this->child($row->ordinal, ($restore)($row->lines));
            }
        }
    }

    /**
     * A single line. It is written as the file had it while that still means the same.
     *
     * @param  (callable(string): bool)|null  $same  whether the words of the file mean the value; equality unless said
     * @param  (callable(self): void)|null  $inside  adds the lines beneath it
     */
    public function field(string $tag, string $value, ?callable $same = null, ?callable $inside = null): self
    {
        $path = ltrim("{$this->path}/{$tag}", '/');
        $place = $this->written[$path] ?? null;
        $means = $same ?? static fn (string $words): bool => $words === $value;
        if ($place !== null && $means($place[1])) {
            $value = $place[1];
        } elseif ($value === '' && ! $this->hasInside($path)) {
            return $this;
        }
        $line = new self(new Structure($tag, $value), $this->written, $this->kept, $this->restore, $path);
        if ($inside !== null) {
            $inside($line);
        }
        $this->child($place[0] ?? -1, $line->build());

        return $this;
    }

    /** Lines of our own, which no file says where to put. What is beneath a structure that was built apart comes over. */
    public function children(Structure $apart): self
    {
        foreach ($apart->children as $line) {
            $this->child(-1, $line);
        }

        return $this;
    }

    public function child(int $ordinal, Structure $structure): self
    {
        $this->parts[] = [$ordinal < 0 ? PHP_INT_MAX : $ordinal, count($this->parts), $structure];

        return $this;
    }

    public function build(): Structure
    {
        sort($this->parts);
        foreach ($this->parts as [, , $structure]) {
            $this->structure->add($structure);
        }

        return $this->structure;
    }

    private function hasInside(string $path): bool
    {
        foreach ($this->kept as $row) {
            if ($row->path === $path || str_starts_with($row->path, $path.'/')) {
                return true;
            }
        }

        return false;
    }
}

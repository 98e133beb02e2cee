<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** A line with the lines beneath it, continued lines joined and doubled @ undone. Mutable while it is built. */
final class Structure
{
    /** @var list<Structure> */
    public array $children = [];

    /**
     * @param  string  $pointer  the record's own pointer with its @s, or empty
     * @param  int  $line  where it stood in the file; 0 when it comes from none
     */
    public function __construct(
        public readonly string $tag,
        public string $payload = '',
        public readonly string $pointer = '',
        public readonly int $line = 0,
        public bool $isPointer = false,
    ) {
    }

    /** Whether a payload as written is a pointer to a record (or to nothing: @VOID@). */
    public static function pointsAt(string $payload): bool
    {
        return preg_match('/^@[^@#\s][^@]*@$/', $payload) === 1;
    }

    public static function pointing(string $tag, string $pointer): self
    {
        return new self($tag, $pointer, isPointer: true);
    }

    public function add(self $child): self
    {
        $this->children[] = $child;

        return $this;
    }

    public function first(string $tag): ?self
    {
        foreach ($this->children as $child) {
            if ($child->tag === $tag) {
                return $child;
            }
        }

        return null;
    }

    /** The payload at the end of a path of tags; empty when there is none. */
    public function text(string ...$path): string
    {
        $at = $this;
        foreach ($path as $tag) {
            $at = $at->first($tag);
            if ($at === null) {
                return '';
            }
        }

        return $at->payload;
    }
}

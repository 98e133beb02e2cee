<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/** Structures begun for rows: with the lines that were written for a row, and those that were kept beside it. */
final readonly class RowStructures
{
    /** @param  \Closure(string): Structure  $restore kept lines as a structure */
    public function __construct(public Version $version, public Pointers $pointers, public \Closure $restore)
    {
    }

    /** @param  array<string, array{int, string}>  $written */
    public function builder(
        string $tag,
        string $payload,
        array $written,
        string $id,
        AttachedRows $attached,
        string $pointer = '',
    ): StructureBuilder {
        return new StructureBuilder(new Structure($tag, $payload, $pointer), $written, $attached->kept[$id] ?? [], $this->restore);
    }

    /** @param  array<string, array{int, string}>  $written */
    public function pointing(string $tag, string $to, array $written, string $id, AttachedRows $attached, string $path): StructureBuilder
    {
        return new StructureBuilder(
            new Structure($tag, $this->pointers->of($to), isPointer: true), $written, $attached->kept[$id] ?? [], $this->restore, $path);
    }

    /** What was kept beneath a line that is not written itself any more. */
    public function beneath(string $tag, string $id, AttachedRows $attached, string $path): Structure
    {
        return (new StructureBuilder(new Structure($tag), [], $attached->kept[$id] ?? [], $this->restore, $path))->build();
    }
}

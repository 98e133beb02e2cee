<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

use NorthBough\Core\Gedcom\EvidenceTags;
use NorthBough\Core\Gedcom\In\NameLines;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Tree\Standing;

/** NAME with its parts (version 7, PERSONAL_NAME_STRUCTURE), in the words of the file while they mean the same. */
final readonly class NameWriter
{
    public function __construct(private RowStructures $structures, private CitationWriter $citations)
    {
    }

    public function name(NameRow $row, AttachedRows $attached): Structure
    {
        $written = $row->written;
        $asRead = $written[''][1] ?? null;
        $unchanged = $asRead !== null && $this->isSame($row, $asRead);
        $payload = $unchanged ? $asRead : $row->name->withSlashes();
        $isNew = $written === [];
        // What was ruled out is no NAME that another program would read as true.
        $builder = $this->structures->builder($row->standing === Standing::RuledOut ? '_NB_RULED_NAME' : 'NAME', $payload, $written,
            $row->id, $attached)
            ->field('TYPE', $row->kind->standard(), static fn (string $words): bool => NameKind::fromStandard($words) === $row->kind);
        $parts = ['NPFX' => $row->name->title, 'GIVN' => $row->name->given, 'NICK' => $row->name->nickname,
            'SPFX' => $row->name->surnamePrefix, 'SURN' => $row->name->surname, 'NSFX' => $row->name->suffix];
        foreach ($parts as $tag => $part) {
            if ($isNew || isset($written[$tag]) || ($tag === 'NICK' && $part !== '' && PersonalName::parse($payload)->nickname !== $part)) {
                $builder->field($tag, $part, static fn (string $words): bool => $unchanged || trim($words) === $part);
            }
        }

        $builder->children(EvidenceTags::standing(new Structure(''), $row->standing));

        return $this->citations->attach($builder, $row->id, $attached)->build();
    }

    private function isSame(NameRow $row, string $payload): bool
    {
        $parts = array_map(static fn (array $line): string => $line[1], array_intersect_key($row->written, array_flip(NameLines::PARTS)));

        return NameLines::read($payload, $parts)->name->equals($row->name);
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\RoleWords;
use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Gedcom\Structure;

/**
 * ASSO under an event (version 7), and the form in which we write it in 5.5.1, which has it under people only. One that
 * holds more than who and in what role, such as a citation of its own, stays among the kept lines.
 */
final readonly class RoleMapping
{
    /** The longest role that a line of the page has room for. */
    private const LONGEST = 40;

    public function __construct(private MappingContext $mapping)
    {
    }

    public function map(StructureFields $event, string $eventId): void
    {
        foreach ($event->takeAll($this->isPlain(...)) as $ordinal => $structure) {
            $fields = new StructureFields($structure);
            // Taken with the role, and so remembered as written.
            $fields->take('ROLE')?->text('PHRASE');
            $fields->take('RELA');
            $words = $fields->text('PHRASE');
            $this->mapping->add(new RoleRow($this->mapping->newId(), $eventId, $this->mapping->survey->id($structure->payload, 'INDI'),
                self::role($structure), $words, $ordinal, $fields->written()));
        }
    }

    private static function role(Structure $structure): string
    {
        $role = $structure->first('ROLE');

        return $role === null ? trim($structure->text('RELA')) : RoleWords::fromStandard($role->payload, $role->text('PHRASE'));
    }

    private function isPlain(Structure $structure): bool
    {
        if (! in_array($structure->tag, ['ASSO', '_NB_ASSO'], true)) {
            return false;
        }
        $tags = array_map(static fn (Structure $child): string => $child->tag, $structure->children);
        $roles = array_values(
            array_filter($structure->children, static fn (Structure $child): bool => in_array($child->tag, ['ROLE', 'RELA'], true)));
        $role = $roles[0] ?? null;
        if ($role === null || count($roles) > 1 || count($tags) !== count(array_unique($tags))
            || array_diff($tags, ['ROLE', 'RELA', 'PHRASE']) !== []) {
            return false;
        }
        $isOther = $role->tag === 'ROLE' && RoleWords::standard(RoleWords::fromStandard($role->payload, '')) === 'OTHER';
        $inside = array_map(static fn (Structure $child): string => $child->tag, $role->children);
        $isKnown = $this->mapping->survey->id($structure->payload, 'INDI') !== null;
        $isNamed = in_array($structure->payload, ['', '@VOID@'], true) && $structure->text('PHRASE') !== '';
        $word = self::role($structure);

        return ($inside === [] || ($inside === ['PHRASE'] && $isOther && ($role->first('PHRASE')->children ?? []) === []))
            && ($structure->first('PHRASE')->children ?? []) === []
            && ($isKnown || $isNamed) && $word !== '' && mb_strlen($word) <= self::LONGEST;
    }
}

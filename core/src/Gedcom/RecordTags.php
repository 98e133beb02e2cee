<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** The lines in which records and rolls stand in a file, and what may stand beneath each: our extensions, docs/extensions.md. */
final class RecordTags
{
    /** What may stand beneath a tag; a tag that is not here holds a text alone. */
    private const BENEATH = [
        '_RECORD' => ['_KIND', 'DATE', 'PLAC', 'TEXT', '_CLASS', '_FILENO', '_COUNT', '_FIELD', '_IMAGE', '_LINE'],
        '_KIND' => ['_TEMPLATE'],
        'DATE' => ['PHRASE'],
        '_FIELD' => ['_SAYS'],
        '_IMAGE' => ['FILE', 'FORM', 'TITL'],
        '_LINE' => ['_AS', '_FIELD', '_SLIP', '_PLACED', '_ASIDE'],
        '_PLACED' => ['_STATE', '_REASON', '_BY'],
    ];

    /** Whether a structure holds only what we write, so that nothing of it is lost by being taken. */
    public static function isPlain(Structure $structure): bool
    {
        foreach ($structure->children as $child) {
            if ($child->isPointer !== ($child->tag === '_PLACED') || ! in_array($child->tag, self::BENEATH[$structure->tag] ?? [], true) || ! self::isPlain($child)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, string> values by code, of the _FIELD lines beneath a structure */
    public static function fields(Structure $structure): array
    {
        $fields = [];
        foreach ($structure->children as $child) {
            if ($child->tag === '_FIELD') {
                $fields[$child->payload] = $child->text('_SAYS');
            }
        }

        return $fields;
    }

    /** @param  array<string, string>  $fields */
    public static function addFields(Structure $structure, array $fields): void
    {
        ksort($fields);
        foreach ($fields as $code => $value) {
            $structure->add((new Structure('_FIELD', (string) $code))->add(new Structure('_SAYS', $value)));
        }
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** The lines in which records and rolls stand in a file, and what may stand beneath each: our extensions, docs/extensions.md. */
final class RecordTags
{
    /** What may stand beneath a tag; a tag that is not here holds a text alone. */
    private const BENEATH = [
        '_NB_RECORD' => ['_NB_KIND', 'DATE', 'PLAC', 'TEXT', '_NB_CLASS', '_NB_FILENO', '_NB_COUNT', '_NB_FIELD', '_NB_IMAGE', '_NB_LINE'],
        '_NB_KIND' => ['_NB_TEMPLATE'],
        'DATE' => ['PHRASE'],
        '_NB_FIELD' => ['_NB_SAYS'],
        '_NB_IMAGE' => ['FILE', 'FORM', 'TITL'],
        '_NB_LINE' => ['_NB_AS', '_NB_FIELD', '_NB_SLIP', '_NB_PLACED', '_NB_ASIDE'],
        '_NB_PLACED' => ['_NB_STATE', '_NB_REASON', '_NB_BY'],
    ];

    /** Whether a structure holds only what we write, so that nothing of it is lost by being taken. */
    public static function isPlain(Structure $structure): bool
    {
        foreach ($structure->children as $child) {
            if ($child->isPointer !== ($child->tag === '_NB_PLACED') || ! in_array($child->tag, self::BENEATH[$structure->tag] ?? [], true)
                || ! self::isPlain($child)) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, string> values by code, of the _NB_FIELD lines beneath a structure */
    public static function fields(Structure $structure): array
    {
        $fields = [];
        foreach ($structure->children as $child) {
            if ($child->tag === '_NB_FIELD') {
                $fields[$child->payload] = $child->text('_NB_SAYS');
            }
        }

        return $fields;
    }

    /** @param  array<string, string>  $fields */
    public static function addFields(Structure $structure, array $fields): void
    {
        ksort($fields);
        foreach ($fields as $code => $value) {
            $structure->add((new Structure('_NB_FIELD', (string) $code))->add(new Structure('_NB_SAYS', $value)));
        }
    }
}

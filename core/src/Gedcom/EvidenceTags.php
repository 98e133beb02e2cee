<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\In\CitationMapping;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\ClaimLineRef;
use NorthBough\Core\Stored\Description;
use NorthBough\Core\Tree\Standing;

/** The lines in which the classes of a claim stand in a file: our extensions, docs/extensions.md. */
final class EvidenceTags
{
    /** Whether what is beneath _NB_CLASSED is no more than we write. */
    public static function areClasses(Structure $structure): bool
    {
        $told = [];
        foreach (Description::of(ClaimClassification::class) as $field) {
            $told[$field->said->tag] = $field->said->oneOf;
        }
        $seen = [];
        foreach ($structure->children as $child) {
            $words = $told[$child->tag] ?? null;
            if ($words === null || isset($seen[$child->tag]) || $child->children !== [] || $child->isPointer
                || ($words !== [] && ! in_array($child->payload, $words, true))) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return $structure->tag === '_NB_CLASSED' && $structure->payload === '' && $seen !== [];
    }

    public static function classes(Structure $structure): ClaimClassification
    {
        $texts = [];
        foreach (Description::of(ClaimClassification::class) as $field) {
            $texts += $field->type === 'string' ? [$field->name => $structure->text($field->said->tag)] : [];
        }

        return new ClaimClassification($structure->text('_NB_READ') !== '', ...$texts);
    }

    public static function classed(ClaimClassification $classes): Structure
    {
        $texts = [];
        foreach (Description::of(ClaimClassification::class) as $field) {
            $value = $classes->{$field->name};
            $texts[$field->said->tag] = is_bool($value) ? ($value ? 'Y' : '') : $value;
        }

        return self::with(new Structure('_NB_CLASSED'), $texts);
    }

    /** The line of a roll that makes a claim, and what was worked out of its words. */
    public static function ofLine(ClaimLineRef $line): Structure
    {
        $texts = ['_NB_ASPECT' => $line->aspect, '_NB_WITH' => $line->otherNumber === 0 ? '' : (string) $line->otherNumber];
        foreach (CitationMapping::WORKED_OUT as $key => $tag) {
            $texts[$tag] = $line->said[$key] ?? '';
        }

        return self::with(new Structure('_NB_LINE', (string) $line->number), $texts);
    }

    /** Adds _NB_STANDING where somebody weighed it; what is ruled out has tags of its own. */
    public static function standing(Structure $structure, Standing $standing): Structure
    {
        return in_array($standing, [Standing::Accepted, Standing::Rival], true)
            ? $structure->add(new Structure('_NB_STANDING', $standing->value)) : $structure;
    }

    /** @param  array<string, string>  $texts  by tag; what is empty is left out */
    public static function with(Structure $structure, array $texts): Structure
    {
        foreach ($texts as $tag => $text) {
            if ($text !== '') {
                $structure->add(new Structure($tag, $text));
            }
        }

        return $structure;
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\In\CitationMapping;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use NorthBough\Core\Gedcom\Row\ClaimLineRef;
use NorthBough\Core\Tree\Standing;

/** The lines in which the classes of a claim stand in a file: our extensions, docs/extensions.md. */
final class EvidenceTags
{
    private const CLASSES = [
        '_NB_READ' => ['Y'], '_NB_INFORMATION' => ['primary', 'secondary', 'undetermined'], '_NB_READING' => ['doubtful'], '_NB_INFORMANT' => null, '_NB_TIE' => null, '_NB_EVIDENCE' => ['direct', 'indirect', 'negative'], '_NB_ORIGIN' => null, '_NB_WEIGHT' => ['strong', 'fair', 'slight'], '_NB_WHY' => null, '_NB_WITHDRAWN' => null,
    ];

    /** Whether what is beneath _NB_CLASSED is no more than we write. */
    public static function areClasses(Structure $structure): bool
    {
        $seen = [];
        foreach ($structure->children as $child) {
            $words = self::CLASSES[$child->tag] ?? null;
            if (! array_key_exists($child->tag, self::CLASSES) || isset($seen[$child->tag]) || $child->children !== [] || $child->isPointer || ($words !== null && ! in_array($child->payload, $words, true))) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return $structure->tag === '_NB_CLASSED' && $structure->payload === '' && $seen !== [];
    }

    public static function classes(Structure $structure): ClaimClassification
    {
        return new ClaimClassification($structure->text('_NB_INFORMATION'), $structure->text('_NB_READING'), $structure->text('_NB_INFORMANT'), $structure->text('_NB_ORIGIN'), $structure->text('_NB_WEIGHT'), $structure->text('_NB_WHY'), $structure->text('_NB_READ') !== '', $structure->text('_NB_WITHDRAWN'), $structure->text('_NB_EVIDENCE'), $structure->text('_NB_TIE'));
    }

    public static function classed(ClaimClassification $classes): Structure
    {
        return self::with(new Structure('_NB_CLASSED'), ['_NB_READ' => $classes->isRead ? 'Y' : '', '_NB_INFORMATION' => $classes->information, '_NB_READING' => $classes->reading, '_NB_INFORMANT' => $classes->informant, '_NB_TIE' => $classes->informantTie, '_NB_EVIDENCE' => $classes->evidence,
            '_NB_ORIGIN' => $classes->origin, '_NB_WEIGHT' => $classes->weight, '_NB_WHY' => $classes->why, '_NB_WITHDRAWN' => $classes->withdrawn]);
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
        return in_array($standing, [Standing::Accepted, Standing::Rival], true) ? $structure->add(new Structure('_NB_STANDING', $standing->value)) : $structure;
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

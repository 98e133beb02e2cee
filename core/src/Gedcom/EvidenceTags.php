<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\Reading\CitationMapping;
use NorthBough\Core\Gedcom\Row\Classes;
use NorthBough\Core\Gedcom\Row\LineRef;
use NorthBough\Core\Tree\Standing;

/** The lines in which the classes of a claim stand in a file: our extensions, docs/extensions.md. */
final class EvidenceTags
{
    private const CLASSES = [
        '_READ' => ['Y'], '_INFORMATION' => ['primary', 'secondary', 'undetermined'], '_READING' => ['doubtful'], '_INFORMANT' => null, '_TIE' => null, '_EVIDENCE' => ['direct', 'indirect', 'negative'], '_ORIGIN' => null, '_WEIGHT' => ['strong', 'fair', 'slight'], '_WHY' => null, '_WITHDRAWN' => null,
    ];

    /** Whether what is beneath _CLASSED is no more than we write. */
    public static function areClasses(Structure $said): bool
    {
        $seen = [];
        foreach ($said->children as $child) {
            $words = self::CLASSES[$child->tag] ?? null;
            if (! array_key_exists($child->tag, self::CLASSES) || isset($seen[$child->tag]) || $child->children !== [] || $child->isPointer || ($words !== null && ! in_array($child->payload, $words, true))) {
                return false;
            }
            $seen[$child->tag] = true;
        }

        return $said->tag === '_CLASSED' && $said->payload === '' && $seen !== [];
    }

    public static function classes(Structure $said): Classes
    {
        return new Classes($said->text('_INFORMATION'), $said->text('_READING'), $said->text('_INFORMANT'), $said->text('_ORIGIN'), $said->text('_WEIGHT'), $said->text('_WHY'), $said->text('_READ') !== '', $said->text('_WITHDRAWN'), $said->text('_EVIDENCE'), $said->text('_TIE'));
    }

    public static function classed(Classes $classes): Structure
    {
        return self::with(new Structure('_CLASSED'), ['_READ' => $classes->isRead ? 'Y' : '', '_INFORMATION' => $classes->information, '_READING' => $classes->reading, '_INFORMANT' => $classes->informant, '_TIE' => $classes->informantTie, '_EVIDENCE' => $classes->evidence,
            '_ORIGIN' => $classes->origin, '_WEIGHT' => $classes->weight, '_WHY' => $classes->why, '_WITHDRAWN' => $classes->withdrawn]);
    }

    /** The line of a roll that makes a claim, and what was worked out of its words. */
    public static function ofLine(LineRef $line): Structure
    {
        $texts = ['_ASPECT' => $line->aspect, '_WITH' => $line->otherNumber === 0 ? '' : (string) $line->otherNumber];
        foreach (CitationMapping::WORKED_OUT as $key => $tag) {
            $texts[$tag] = $line->said[$key] ?? '';
        }

        return self::with(new Structure('_LINE', (string) $line->number), $texts);
    }

    /** Adds _STANDING where somebody weighed it; what is ruled out has tags of its own. */
    public static function standing(Structure $structure, Standing $standing): Structure
    {
        return in_array($standing, [Standing::Accepted, Standing::Rival], true) ? $structure->add(new Structure('_STANDING', $standing->value)) : $structure;
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

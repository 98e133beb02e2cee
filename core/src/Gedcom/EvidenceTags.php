<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

use NorthBough\Core\Gedcom\Row\Classes;
use NorthBough\Core\Gedcom\Row\QuestionRow;

/** The lines in which classes, standings and questions stand in a file: our extensions, docs/extensions.md. */
final class EvidenceTags
{
    private const CLASSES = [
        '_READ' => ['Y'], '_INFORMATION' => ['primary', 'secondary', 'undetermined'], '_READING' => ['doubtful'], '_INFORMANT' => null, '_ORIGIN' => null, '_WEIGHT' => ['strong', 'fair', 'slight'], '_WHY' => null,
    ];

    private const QUESTION = ['_KIND', '_STATE', '_TITLE', '_DECISION', '_REASON', '_SUMMARY', '_REOPENED'];

    private const STATES = ['open', 'unresolved', 'probable', 'proved', 'ruled out', 'decided'];

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
        return new Classes($said->text('_INFORMATION'), $said->text('_READING'), $said->text('_INFORMANT'), $said->text('_ORIGIN'), $said->text('_WEIGHT'), $said->text('_WHY'), $said->text('_READ') !== '');
    }

    public static function classed(Classes $classes): Structure
    {
        return self::with(new Structure('_CLASSED'), ['_READ' => $classes->isRead ? 'Y' : '', '_INFORMATION' => $classes->information, '_READING' => $classes->reading, '_INFORMANT' => $classes->informant,
            '_ORIGIN' => $classes->origin, '_WEIGHT' => $classes->weight, '_WHY' => $classes->why]);
    }

    public static function isQuestion(Structure $said): bool
    {
        $tags = array_map(static fn (Structure $child): string => $child->tag, $said->children);
        $isPlain = array_filter($said->children, static fn (Structure $child): bool => $child->isPointer || $child->children !== []) === [];

        return $said->tag === '_QUESTION' && $isPlain && array_diff($tags, self::QUESTION) === [] && count(array_unique($tags)) === count($tags)
            && in_array($said->text('_STATE'), self::STATES, true) && in_array($said->text('_KIND') ?: 'conflict', ['conflict', 'identity', 'kinship'], true);
    }

    public static function question(Structure $said, string $id, string $personId): QuestionRow
    {
        return new QuestionRow($id, $personId, $said->text('_KIND') ?: 'conflict', mb_substr($said->payload, 0, 40), $said->text('_STATE'), $said->text('_TITLE'), $said->text('_DECISION'),
            $said->text('_REASON'), $said->text('_SUMMARY'), $said->text('_REOPENED'));
    }

    public static function asked(QuestionRow $row): Structure
    {
        return self::with(new Structure('_QUESTION', $row->aspect), ['_KIND' => $row->kind === 'conflict' ? '' : $row->kind, '_STATE' => $row->state, '_TITLE' => $row->title, '_DECISION' => $row->decision,
            '_REASON' => $row->reason, '_SUMMARY' => $row->summary, '_REOPENED' => $row->reopenedBy]);
    }

    /** @param  array<string, string>  $texts  by tag; what is empty is left out */
    private static function with(Structure $structure, array $texts): Structure
    {
        foreach ($texts as $tag => $text) {
            if ($text !== '') {
                $structure->add(new Structure($tag, $text));
            }
        }

        return $structure;
    }
}

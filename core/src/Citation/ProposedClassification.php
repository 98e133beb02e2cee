<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Claim\SourceClass;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Tree\EventTrait;

/**
 * What is first proposed of a claim's classes, from the kinds of its record and its source, for each aspect by itself. It
 * is only a beginning: whoever reads the record may say otherwise.
 */
final class ProposedClassification
{
    /** What those present tell of that day themselves. */
    private const OF_THAT_DAY = ['census', 'residence', 'emigration', 'immigration', 'partner', 'name'];

    /** Kinds of source that are made from others, and those that weigh others. */
    private const DERIVATIVE = '/transcript|index|database|extract|abstract/';

    private const AUTHORED = '/^book|^tree-of/';

    /** Kinds that may hold anything. */
    private const ANY = ['any-source', 'web-page'];

    /** @param  string  $aspect  kind of fact, or child, partner, name, sex */
    public static function information(?RecordKind $kind, string $aspect): Information
    {
        if ($kind === null) {
            return Information::Unstated;
        }
        $isOfTheDead = $kind->isOf(EventTrait::OfTheDead) || str_starts_with($kind->code, 'headstone');

        return match (true) {
            // Its parents bring a child to be baptised or registered, and know the day.
            $aspect === 'birth' => $kind->isOf(EventTrait::Birth, EventTrait::SignOfBirth) ? Information::Primary : Information::Secondary,
            $aspect === 'child' => $kind->isOf(EventTrait::Birth, EventTrait::SignOfBirth) ? Information::Primary : Information::Secondary,
            // Who told of a death is said on the record, and whether they were there is not.
            $aspect === 'death' => Information::Undetermined,
            in_array($aspect, ['occupation', 'religion', ...self::OF_THAT_DAY], true) => $isOfTheDead ? Information::Secondary
                : Information::Primary,
            $aspect === $kind->event => Information::Primary,
            default => Information::Undetermined,
        };
    }

    /** What is cited for something tells it by itself, unless somebody says otherwise. */
    public static function directness(Directness $directness): Directness
    {
        return $directness === Directness::Unstated ? Directness::Direct : $directness;
    }

    /** @param  SourceClass  $sourceClass  of the record, where somebody classed it */
    public static function source(SourceClass $sourceClass, ?SourceKind $kind): SourceClass
    {
        return match (true) {
            $sourceClass !== SourceClass::Unstated, $kind === null, in_array($kind->code, self::ANY, true) => $sourceClass,
            preg_match(self::AUTHORED, $kind->code) === 1 => SourceClass::Authored,
            preg_match(self::DERIVATIVE, $kind->code) === 1,
            $kind->form !== [] && array_intersect($kind->form, ['original', 'image']) === [] => SourceClass::Derivative,
            default => SourceClass::Original,
        };
    }
}

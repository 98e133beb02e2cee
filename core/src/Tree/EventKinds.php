<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** The kinds of event that come with North Bough. A new one is one line here. Tags: GEDCOM, 5.5.1 and 7. */
final class EventKinds
{
    /** Those that a tree narrows down by words of its own: what happened, and what was so. */
    public const OF_OWN_WORDS = ['event', 'fact'];

    /** @var array<string, EventKind>|null */
    private static ?array $byCode = null;

    /** @var array<string, list<string>> */
    private static array $byTrait = [];

    /** @var array{array<string, EventKind>, array<string, EventKind>}|null */
    private static ?array $byTag = null;

    /** @return array<string, EventKind> by code */
    public static function all(): array
    {
        if (self::$byCode !== null) {
            return self::$byCode;
        }
        $kinds = [
            EventKind::ofPerson('birth', 'Birth', 'BIRT', single: true)->saying(EventTrait::Birth, EventTrait::Presence)->called('born'),
            EventKind::ofPerson('christening', 'Christening', 'CHR')->saying(EventTrait::SignOfBirth, EventTrait::Presence)
                ->called('christened'),
            EventKind::ofPerson('baptism', 'Baptism', 'BAPM')->saying(EventTrait::SignOfBirth, EventTrait::Presence)->called('baptised'),
            EventKind::ofPerson('death', 'Death', 'DEAT', single: true)
                ->saying(EventTrait::Death, EventTrait::OfTheDead, EventTrait::Presence)->called('died'),
            EventKind::ofPerson('burial', 'Burial', 'BURI', single: true)->saying(EventTrait::SignOfDeath, EventTrait::OfTheDead)
                ->called('buried'),
            EventKind::ofPerson('cremation', 'Cremation', 'CREM', single: true)->saying(EventTrait::SignOfDeath, EventTrait::OfTheDead)
                ->called('cremated'),
            EventKind::ofEither('residence', 'Residence', 'RESI', hasValue: true)
                ->saying(EventTrait::OfTheLiving, EventTrait::Presence, EventTrait::Residence),
            EventKind::ofPerson('occupation', 'Occupation', 'OCCU', hasValue: true)->saying(EventTrait::OfTheLiving),
            EventKind::ofEither('census', 'Census', 'CENS')->saying(EventTrait::OfTheLiving, EventTrait::Presence),
            EventKind::ofPerson('emigration', 'Emigration', 'EMIG')->saying(EventTrait::OfTheLiving, EventTrait::Presence),
            EventKind::ofPerson('immigration', 'Immigration', 'IMMI')->saying(EventTrait::OfTheLiving, EventTrait::Presence),
            EventKind::ofPerson('naturalisation', 'Naturalisation', 'NATU')->saying(EventTrait::OfTheLiving),
            EventKind::ofPerson('education', 'Education', 'EDUC', hasValue: true)->saying(EventTrait::OfTheLiving),
            EventKind::ofPerson('graduation', 'Graduation', 'GRAD')->saying(EventTrait::OfTheLiving, EventTrait::Presence),
            EventKind::ofPerson('religion', 'Religion', 'RELI', hasValue: true),
            EventKind::ofPerson('nationality', 'Nationality', 'NATI', hasValue: true),
            EventKind::ofPerson('title', 'Title', 'TITL', hasValue: true),
            EventKind::ofPerson('description', 'Description', 'DSCR', hasValue: true),
            EventKind::ofPerson('property', 'Property', 'PROP', hasValue: true),
            EventKind::ofPerson('caste', 'Caste', 'CAST', hasValue: true),
            EventKind::ofPerson('number', 'Number', 'IDNO', hasValue: true),
            EventKind::ofPerson('social_number', 'Social security number', 'SSN', hasValue: true),
            EventKind::ofPerson('marriage_count', 'Number of marriages', 'NMR', hasValue: true),
            EventKind::ofEither('child_count', 'Number of children', 'NCHI', hasValue: true),
            EventKind::ofPerson('retirement', 'Retirement', 'RETI')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofPerson('will', 'Will', 'WILL')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofPerson('probate', 'Probate', 'PROB')->saying(EventTrait::OfTheDead),
            EventKind::ofPerson('adoption', 'Adoption', 'ADOP'),
            EventKind::ofPerson('adult_christening', 'Adult christening', 'CHRA')
                ->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult, EventTrait::Presence),
            EventKind::ofPerson('confirmation', 'Confirmation', 'CONF')->saying(EventTrait::OfTheLiving, EventTrait::Presence),
            EventKind::ofPerson('first_communion', 'First communion', 'FCOM')->saying(EventTrait::OfTheLiving, EventTrait::Presence),
            EventKind::ofPerson('blessing', 'Blessing', 'BLES'),
            EventKind::ofPerson('ordination', 'Ordination', 'ORDN')
                ->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult, EventTrait::Presence),
            EventKind::ofPerson('bar_mitzvah', 'Bar mitzvah', 'BARM'),
            EventKind::ofPerson('bas_mitzvah', 'Bas mitzvah', 'BASM'),
            EventKind::ofUnion('marriage', 'Marriage', 'MARR')
                ->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult, EventTrait::Presence),
            EventKind::ofUnion('banns', 'Banns', 'MARB')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofUnion('licence', 'Marriage licence', 'MARL')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofUnion('contract', 'Marriage contract', 'MARC')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofUnion('settlement', 'Marriage settlement', 'MARS')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofUnion('engagement', 'Engagement', 'ENGA'),
            EventKind::ofUnion('divorce', 'Divorce', 'DIV')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofUnion('divorce_filed', 'Divorce filed', 'DIVF')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofUnion('annulment', 'Annulment', 'ANUL')->saying(EventTrait::OfTheLiving, EventTrait::OfAnAdult),
            EventKind::ofEither('event', 'Event', 'EVEN', hasValue: true),
            EventKind::ofEither('fact', 'Fact', 'FACT', hasValue: true),
        ];
        self::$byCode = [];
        foreach ($kinds as $kind) {
            self::$byCode[$kind->code] = $kind;
        }

        return self::$byCode;
    }

    /** @return list<string> codes of the kinds that say this of a life, in their order */
    public static function codesOf(EventTrait $trait): array
    {
        return self::$byTrait[$trait->value] ??= array_values(
            array_map(static fn (EventKind $kind): string => $kind->code,
                array_filter(self::all(), static fn (EventKind $kind): bool => $kind->is($trait))));
    }

    /** Whether two events are of one kind; those that are narrowed down by words of a tree's own are told apart by these. */
    public static function areOne(string $kind, string $words, string $otherKind, string $otherWords): bool
    {
        return $kind === $otherKind
            && (! in_array($kind, self::OF_OWN_WORDS, true) || mb_strtolower($words) === mb_strtolower($otherWords));
    }

    /** @throws UnknownEventKind */
    public static function named(string $code): EventKind
    {
        return self::all()[$code] ?? throw UnknownEventKind::named($code);
    }

    /** The kind that a tag stands for under a person or under a couple; null when it is no event of theirs. */
    public static function forTag(string $tag, bool $ofUnion): ?EventKind
    {
        return self::byTag()[$ofUnion ? 1 : 0][$tag] ?? null;
    }

    /** @return array{array<string, EventKind>, array<string, EventKind>} of people, of couples */
    private static function byTag(): array
    {
        if (self::$byTag !== null) {
            return self::$byTag;
        }
        $byTag = [[], []];
        foreach (self::all() as $kind) {
            foreach ([$kind->ofPerson, $kind->ofUnion] as $side => $has) {
                if ($has) {
                    $byTag[$side][$kind->tag] ??= $kind;
                }
            }
        }

        return self::$byTag = $byTag;
    }
}

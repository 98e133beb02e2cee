<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** The kinds of event that come with North Bough. A new one is one line here. Tags: GEDCOM, 5.5.1 and 7. */
final class EventKinds
{
    /** @var array<string, EventKind>|null */
    private static ?array $byCode = null;

    /** @var array{array<string, EventKind>, array<string, EventKind>}|null */
    private static ?array $byTag = null;

    /** @return array<string, EventKind> by code */
    public static function all(): array
    {
        if (self::$byCode !== null) {
            return self::$byCode;
        }
        $kinds = [
            EventKind::ofPerson('birth', 'Birth', 'BIRT', single: true),
            EventKind::ofPerson('christening', 'Christening', 'CHR'),
            EventKind::ofPerson('baptism', 'Baptism', 'BAPM'),
            EventKind::ofPerson('death', 'Death', 'DEAT', single: true),
            EventKind::ofPerson('burial', 'Burial', 'BURI', single: true),
            EventKind::ofPerson('cremation', 'Cremation', 'CREM', single: true),
            EventKind::ofEither('residence', 'Residence', 'RESI', hasValue: true),
            EventKind::ofPerson('occupation', 'Occupation', 'OCCU', hasValue: true),
            EventKind::ofEither('census', 'Census', 'CENS'),
            EventKind::ofPerson('emigration', 'Emigration', 'EMIG'),
            EventKind::ofPerson('immigration', 'Immigration', 'IMMI'),
            EventKind::ofPerson('naturalisation', 'Naturalisation', 'NATU'),
            EventKind::ofPerson('education', 'Education', 'EDUC', hasValue: true),
            EventKind::ofPerson('graduation', 'Graduation', 'GRAD'),
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
            EventKind::ofPerson('retirement', 'Retirement', 'RETI'),
            EventKind::ofPerson('will', 'Will', 'WILL'),
            EventKind::ofPerson('probate', 'Probate', 'PROB'),
            EventKind::ofPerson('adoption', 'Adoption', 'ADOP'),
            EventKind::ofPerson('adult_christening', 'Adult christening', 'CHRA'),
            EventKind::ofPerson('confirmation', 'Confirmation', 'CONF'),
            EventKind::ofPerson('first_communion', 'First communion', 'FCOM'),
            EventKind::ofPerson('blessing', 'Blessing', 'BLES'),
            EventKind::ofPerson('ordination', 'Ordination', 'ORDN'),
            EventKind::ofPerson('bar_mitzvah', 'Bar mitzvah', 'BARM'),
            EventKind::ofPerson('bas_mitzvah', 'Bas mitzvah', 'BASM'),
            EventKind::ofUnion('marriage', 'Marriage', 'MARR'),
            EventKind::ofUnion('banns', 'Banns', 'MARB'),
            EventKind::ofUnion('licence', 'Marriage licence', 'MARL'),
            EventKind::ofUnion('contract', 'Marriage contract', 'MARC'),
            EventKind::ofUnion('settlement', 'Marriage settlement', 'MARS'),
            EventKind::ofUnion('engagement', 'Engagement', 'ENGA'),
            EventKind::ofUnion('divorce', 'Divorce', 'DIV'),
            EventKind::ofUnion('divorce_filed', 'Divorce filed', 'DIVF'),
            EventKind::ofUnion('annulment', 'Annulment', 'ANUL'),
            EventKind::ofEither('event', 'Event', 'EVEN', hasValue: true),
            EventKind::ofEither('fact', 'Fact', 'FACT', hasValue: true),
        ];
        self::$byCode = [];
        foreach ($kinds as $kind) {
            self::$byCode[$kind->code] = $kind;
        }

        return self::$byCode;
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

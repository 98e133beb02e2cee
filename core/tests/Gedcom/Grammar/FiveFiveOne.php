<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom\Grammar;

/** The grammar of version 5.5.1 as tables: GEDCOM 5.5.1, chapter 2. Written as Seven says. */
final class FiveFiveOne implements Grammar
{
    private const GROUPS = [
        '@note' => 'NOTE',
        '@cite' => 'SOUR:cite',
        '@media' => 'OBJE:link',
        '@reach' => 'ADDR? PHON:words EMAIL:words FAX:words WWW:words',
        '@detail' => 'TYPE:words? DATE:when? PLAC:place? @reach AGNC:words? RELI:words? CAUS:words? RESN:resn? @note @cite @media',
        '@personal' => '@detail AGE?',
        '@couple' => '@detail HUSB:aged? WIFE:aged?',
        '@pieces' => 'NPFX:words? GIVN:words? NICK:words? SPFX:words? SURN:words? NSFX:words? @note @cite',
        '@rite' => 'DATE:when? TEMP:words? PLAC:words? STAT:ritestate? @note @cite',
    ];

    private const LINES = [
        'HEAD' => 'SOUR:program! DEST:words? DATE:stampday? SUBM:pointer! SUBN:pointer? FILE:words? COPR:words? GEDC! CHAR! '
            .'LANG:language? PLAC:headplace? NOTE:plain?',
        'GEDC' => 'VERS:five! FORM:linked!', 'CHAR' => 'VERS:words?', 'program' => 'VERS:words? NAME:words? CORP? DATA:programdata?',
        'CORP' => '@reach',
        'programdata' => 'DATE:stampday? COPR:words?', 'stampday' => 'TIME:time?', 'headplace' => 'FORM:words!',
        'INDI' => 'RESN:resn? NAME SEX:sex? CAST:value DSCR:value EDUC:value IDNO:typedvalue NATI:value NCHI:countof NMR:countof '
            .'OCCU:value PROP:value RELI:value RESI:residence SSN:value TITL:value FACT:typedvalue '
            .'ADOP:adoption BAPM:personal BARM:personal BASM:personal BIRT:birth BLES:personal BURI:personal CENS:personal CHR:birth '
            .'CHRA:personal CONF:personal CREM:personal DEAT:personal EMIG:personal FCOM:personal '
            .'GRAD:personal IMMI:personal NATU:personal ORDN:personal PROB:personal RETI:personal WILL:personal EVEN:event BAPL:rite '
            .'CONL:rite ENDL:rite SLGC:sealing '
            .'FAMC:childlink FAMS:noted SUBM:pointer ASSO ALIA:pointer ANCI:pointer DESI:pointer RFN:words? AFN:words? REFN:typed '
            .'RIN:words? CHAN? @note @cite @media',
        'FAM' => 'RESN:resn? ANUL:couple CENS:couple DIV:couple DIVF:couple ENGA:couple MARB:couple MARC:couple MARL:couple MARR:couple '
            .'MARS:couple RESI:residencetwo EVEN:eventtwo '
            .'HUSB:pointer? WIFE:pointer? CHIL:pointer NCHI:count? SUBM:pointer SLGS:rite REFN:typed RIN:words? CHAN? @note @cite @media',
        'OBJE' => 'FILE:recordfile+ REFN:typed RIN:words? @note @cite CHAN?', 'recordfile' => 'FORM:recordform! TITL:words?',
        'recordform' => 'TYPE:medium?', 'linkfile' => 'FORM:linkform!', 'linkform' => 'MEDI:medium?',
        'REPO' => 'NAME:words! @reach @note REFN:typed RIN:words? CHAN?',
        'NOTErecord' => 'REFN:typed RIN:words? @cite CHAN?',
        'SOUR' => 'DATA:sourcedata? AUTH:words? TITL:words? ABBR:words? PUBL:words? TEXT:words? REPO:holder REFN:typed RIN:words? CHAN? '
            .'@note @media',
        'sourcedata' => 'EVEN:recorded AGNC:words? @note', 'recorded' => 'DATE:period? PLAC:words?', 'holder' => '@note CALN',
        'CALN' => 'MEDI:medium?',
        'SUBM' => 'NAME:words! @reach @media LANG:language RFN:words? RIN:words? @note CHAN?',
        'SUBN' => 'SUBM:pointer? FAMF:words? TEMP:words? ANCE:count? DESC:count? ORDI:words? RIN:words? @note CHAN?',
        'NAME' => 'TYPE:nametype? @pieces FONE:variant ROMN:variant', 'variant' => 'TYPE:words! @pieces',
        'personal' => '@personal', 'value' => '@personal', 'residence' => '@personal', 'typedvalue' => '@detail AGE?',
        'event' => '@personal', 'countof' => '@personal', 'birth' => '@personal FAMC:pointer?',
        'adoption' => '@personal FAMC:adopted?', 'adopted' => 'ADOP:adopter?',
        'couple' => '@couple', 'residencetwo' => '@couple', 'eventtwo' => '@couple', 'aged' => 'AGE!',
        'rite' => '@rite', 'sealing' => '@rite FAMC:pointer!', 'ritestate' => 'DATE:stampday?',
        'childlink' => 'PEDI? STAT? @note', 'noted' => '@note', 'ASSO' => 'RELA:words! @note @cite',
        'place' => 'FORM:words? FONE:placevariant ROMN:placevariant MAP? @note', 'placevariant' => 'TYPE:words!',
        'MAP' => 'LATI:latitude! LONG:longitude!',
        'ADDR' => 'ADR1:words? ADR2:words? ADR3:words? CITY:words? STAE:words? POST:words? CTRY:words?',
        'cite' => 'PAGE:words? EVEN:citeevent? DATA:citedata? @media @note QUAY? TEXT:words', 'citeevent' => 'ROLE:words?',
        'citedata' => 'DATE:when? TEXT:words',
        'link' => 'FILE:linkfile TITL:words?', 'CHAN' => 'DATE:stampday! @note', 'typed' => 'TYPE:words?',
    ];

    private const POINTS = ['pointer', 'childlink', 'noted', 'ASSO', 'adopted'];

    private const NOTHING = ['HEAD', 'GEDC', 'INDI', 'FAM', 'OBJE', 'REPO', 'SOUR', 'SUBM', 'SUBN', 'MAP', 'CHAN', 'aged', 'citedata',
        'sourcedata', 'headplace', 'rite', 'sealing', 'TRLR', 'residence', 'residencetwo'];

    public function lines(string $kind): string
    {
        $lines = self::LINES[$kind] ?? '';
        while (str_contains($lines, '@')) {
            $lines = strtr($lines, self::GROUPS);
        }

        return $lines;
    }

    public function records(): array
    {
        return ['HEAD' => 'HEAD', 'INDI' => 'INDI', 'FAM' => 'FAM', 'OBJE' => 'OBJE', 'REPO' => 'REPO', 'NOTE' => 'NOTErecord',
            'SOUR' => 'SOUR', 'SUBM' => 'SUBM', 'SUBN' => 'SUBN', 'TRLR' => 'TRLR'];
    }

    public function payload(string $kind): string
    {
        return match (true) {
            in_array($kind, self::POINTS, true) => '/^@[A-Za-z0-9][^@]{0,19}@$/',
            in_array($kind, self::NOTHING, true) => '/^$/',
            default => match ($kind) {
                'personal', 'birth', 'couple', 'adoption' => '/^Y?$/',
                'countof', 'count' => '/^\d{1,3}$/',
                'sex' => '/^[MFU]$/',
                'resn' => '/^(confidential|locked|privacy)$/',
                'five' => '/^5\.5(\.1)?$/',
                'linked' => '/^LINEAGE-LINKED$/',
                'CHAR' => '/^(ANSEL|UTF-8|UNICODE|ASCII)$/',
                'link' => '/^(@[A-Za-z0-9][^@]{0,19}@)?$/',
                'cite', 'NOTE' => '/^/',
                'holder' => '/^(@[A-Za-z0-9][^@]{0,19}@)?$/',
                'PEDI' => '/^(adopted|birth|foster|sealing)$/',
                'STAT' => '/^(challenged|disproven|proven)$/',
                'medium' => '/^(audio|book|card|electronic|fiche|film|magazine|manuscript|map|newspaper|photo|tombstone|video)$/',
                'recordform', 'linkform' => '/^[A-Za-z0-9]{2,5}$/',
                'QUAY' => '/^[0-3]$/',
                'adopter' => '/^(HUSB|WIFE|BOTH)$/',
                'AGE' => '/^([<>] ?)?(\d{1,3}y( \d{1,2}m)?( \d{1,3}d)?|\d{1,2}m( \d{1,3}d)?|\d{1,3}d)$|^(CHILD|INFANT|STILLBORN)$/',
                'language' => '/^[A-Z][A-Za-z -]+$/',
                'latitude' => '/^[NS]\d{1,2}(\.\d+)?$/',
                'longitude' => '/^[EW]\d{1,3}(\.\d+)?$/',
                'time' => '/^\d{1,2}:\d\d(:\d\d(\.\d+)?)?$/',
                'when' => self::date(false),
                'period' => self::date(true),
                'stampday' => '/^\d{1,2} (JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC) \d{4}$/',
                default => '/^(?!@[A-Z0-9_]+@$)/',
            },
        };
    }

    public function pointer(): string
    {
        return '/^@[A-Za-z0-9][^@]{0,19}@$/';
    }

    public function hasConc(): bool
    {
        return true;
    }

    private static function date(bool $isPeriodOnly): string
    {
        $gregorian = '((\d{1,2} )?(JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC) )?\d{1,4}(\/\d\d)?( B\.C\.)?';
        $french = '((\d{1,2} )?(VEND|BRUM|FRIM|NIVO|PLUV|VENT|GERM|FLOR|PRAI|MESS|THER|FRUC|COMP) )?\d{1,4}';
        $hebrew = '((\d{1,2} )?(TSH|CSH|KSL|TVT|SHV|ADR|ADS|NSN|IYR|SVN|TMZ|AAV|ELL) )?\d{1,4}';
        $day = "((@#DGREGORIAN@ )?{$gregorian}|@#DJULIAN@ {$gregorian}|@#DFRENCH R@ {$french}|@#DHEBREW@ {$hebrew})";
        $period = "FROM {$day}( TO {$day})?|TO {$day}";

        return $isPeriodOnly ? "/^({$period})$/"
            : "/^({$day}|{$period}|(BEF|AFT) {$day}|BET {$day} AND {$day}|(ABT|CAL|EST) {$day}|INT {$day} "
                .'\\(.+\\)|\\([^()]*(\\([^()]*\\)[^()]*)*\\))$/s';
    }
}

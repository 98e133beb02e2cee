<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom\Grammar;

/**
 * The grammar of version 7 as tables: GEDCOM 7.0, chapter 3. Under each kind of structure stand the lines that it may
 * have: TAG, or TAG:kind where the kind is called otherwise than its tag; then ! for exactly one, ? for at most one,
 * + for at least one, nothing for any number. A name with @ stands for the lines of a group.
 */
final class Seven implements Grammar
{
    private const GROUPS = [
        '@note' => 'NOTE SNOTE:pointer',
        '@cite' => 'SOUR:cite',
        '@media' => 'OBJE:link',
        '@change' => 'CHAN? CREA:stamp?',
        '@ids' => 'REFN:typed UID:words EXID:typed',
        '@reach' => 'ADDR? PHON:words EMAIL:words FAX:words WWW:words',
        '@detail' => 'DATE:when? PLAC:place? @reach AGNC:words? RELI:words? CAUS:words? RESN:resn? SDATE:when? ASSO @note @cite @media '
            .'UID:words',
        '@personal' => '@detail AGE? TYPE:words?',
        '@couple' => '@detail HUSB:aged? WIFE:aged? TYPE:words?',
        '@pieces' => 'NPFX:words GIVN:words NICK:words SPFX:words SURN:words NSFX:words',
        '@rite' => 'DATE:when? TEMP:words? PLAC:place? STAT:ritestate? @note @cite',
    ];

    private const LINES = [
        'HEAD' => 'GEDC! SCHMA? SOUR:program? DEST:words? DATE:stampday? SUBM:pointer? COPR:words? LANG:lang? PLAC:headplace? NOTE? '
            .'SNOTE:pointer?',
        'GEDC' => 'VERS:seven!', 'SCHMA' => 'TAG:schema', 'program' => 'VERS:words? NAME:words? CORP? DATA:programdata?',
        'CORP' => '@reach',
        'programdata' => 'DATE:stampday? COPR:words?', 'stampday' => 'TIME:time?', 'headplace' => 'FORM:words!',
        'INDI' => 'RESN:resn? NAME SEX:sex? CAST:value DSCR:value EDUC:value IDNO:typedvalue NATI:value NCHI:countof NMR:countof '
            .'OCCU:value PROP:value RELI:value RESI:value SSN:value TITL:value FACT:typedvalue '
            .'ADOP:adoption BAPM:personal BARM:personal BASM:personal BIRT:birth BLES:personal BURI:personal CENS:personal CHR:birth '
            .'CHRA:personal CONF:personal CREM:personal DEAT:personal EMIG:personal FCOM:personal '
            .'GRAD:personal IMMI:personal NATU:personal ORDN:personal PROB:personal RETI:personal WILL:personal EVEN:typedevent NO '
            .'BAPL:rite CONL:rite ENDL:rite INIL:rite SLGC:sealing '
            .'FAMC:childlink FAMS:noted SUBM:pointer ASSO ALIA:phrased ANCI:pointer DESI:pointer @ids @note @cite @media @change',
        'FAM' => 'RESN:resn? NCHI:couplecount RESI:couplevalue FACT:couplefact ANUL:couple CENS:couple DIV:couple DIVF:couple ENGA:couple '
            .'MARB:couple MARC:couple MARL:couple MARR:couple MARS:couple EVEN:coupleevent NO '
            .'HUSB:phrased? WIFE:phrased? CHIL:phrased ASSO SUBM:pointer SLGS:rite @ids @note @cite @media @change',
        'OBJE' => 'RESN:resn? FILE+ @ids @note @cite @change', 'FILE' => 'FORM:media! TITL:words? TRAN:filetran', 'media' => 'MEDI?',
        'MEDI' => 'PHRASE:words?', 'filetran' => 'FORM:mime!',
        'REPO' => 'NAME:words! @reach @note @ids @change',
        'SNOTE' => 'MIME:mime? LANG:lang? TRAN:notetran @cite @ids @change', 'notetran' => 'MIME:mime? LANG:lang?',
        'NOTE' => 'MIME:mime? LANG:lang? TRAN:notetran @cite',
        'SOUR' => 'DATA:sourcedata? AUTH:words? TITL:words? ABBR:words? PUBL:words? TEXT? REPO:holder @ids @note @media @change',
        'sourcedata' => 'EVEN:recorded AGNC:words? @note', 'recorded' => 'DATE:period? PLAC:place?', 'period' => 'PHRASE:words?',
        'TEXT' => 'MIME:mime? LANG:lang?', 'holder' => '@note CALN', 'CALN' => 'MEDI?',
        'SUBM' => 'NAME:words! @reach @media LANG:lang @ids @note @change',
        'NAME' => 'TYPE:nametype? @pieces TRAN:nametran @note @cite', 'nametype' => 'PHRASE:words?', 'nametran' => 'LANG:lang! @pieces',
        'personal' => '@personal', 'value' => '@personal', 'typedvalue' => '@detail AGE? TYPE:words!',
        'typedevent' => '@detail AGE? TYPE:words!', 'countof' => '@personal', 'birth' => '@personal FAMC:pointer?',
        'adoption' => '@personal FAMC:adopted?', 'adopted' => 'ADOP:adopter?', 'adopter' => 'PHRASE:words?',
        'couple' => '@couple', 'couplevalue' => '@couple', 'couplecount' => '@couple',
        'couplefact' => '@detail HUSB:aged? WIFE:aged? TYPE:words!', 'coupleevent' => '@detail HUSB:aged? WIFE:aged? TYPE:words!',
        'aged' => 'AGE!', 'AGE' => 'PHRASE:words?', 'NO' => 'DATE:period? @note @cite',
        'rite' => '@rite', 'sealing' => '@rite FAMC:pointer!', 'ritestate' => 'DATE:stampday!',
        'childlink' => 'PEDI? STAT? @note', 'PEDI' => 'PHRASE:words?', 'STAT' => 'PHRASE:words?', 'noted' => '@note',
        'phrased' => 'PHRASE:words?',
        'ASSO' => 'PHRASE:words? ROLE! @note @cite', 'ROLE' => 'PHRASE:words?',
        'when' => 'TIME:time? PHRASE:words?', 'place' => 'FORM:words? LANG:lang? TRAN:placetran MAP? EXID:typed @note',
        'placetran' => 'LANG:lang!', 'MAP' => 'LATI:latitude! LONG:longitude!',
        'ADDR' => 'ADR1:words? ADR2:words? ADR3:words? CITY:words? STAE:words? POST:words? CTRY:words?',
        'cite' => 'PAGE:words? DATA:citedata? EVEN:citeevent? QUAY? @media @note', 'citedata' => 'DATE:when? TEXT',
        'citeevent' => 'PHRASE:words? ROLE?',
        'link' => 'CROP? TITL:words?', 'CROP' => 'TOP:count? LEFT:count? HEIGHT:count? WIDTH:count?',
        'CHAN' => 'DATE:stampday! @note', 'stamp' => 'DATE:stampday!', 'typed' => 'TYPE:words?',
    ];

    private const POINTS = ['pointer', 'cite', 'link', 'holder', 'childlink', 'noted', 'phrased', 'ASSO', 'adopted'];

    private const NOTHING = ['HEAD', 'GEDC', 'SCHMA', 'INDI', 'FAM', 'OBJE', 'REPO', 'SOUR', 'SUBM', 'MAP', 'CROP', 'CHAN', 'stamp', 'aged',
        'citedata', 'sourcedata', 'headplace', 'rite', 'sealing', 'TRLR'];

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
        return ['HEAD' => 'HEAD', 'INDI' => 'INDI', 'FAM' => 'FAM', 'OBJE' => 'OBJE', 'REPO' => 'REPO', 'SNOTE' => 'SNOTE',
            'SOUR' => 'SOUR', 'SUBM' => 'SUBM', 'TRLR' => 'TRLR'];
    }

    public function payload(string $kind): string
    {
        return match (true) {
            in_array($kind, self::POINTS, true) => '/^@(?:VOID|[A-Z0-9_]+)@$/',
            in_array($kind, self::NOTHING, true) => '/^$/',
            default => match ($kind) {
                'personal', 'birth', 'couple', 'adoption' => '/^Y?$/',
                'countof', 'couplecount', 'count' => '/^\d+$/',
                'sex' => '/^[MFXU]$/',
                'resn' => '/^(CONFIDENTIAL|LOCKED|PRIVACY)(, (CONFIDENTIAL|LOCKED|PRIVACY))*$/',
                'seven' => '/^7(\.\d+)*$/',
                'nametype' => '/^(AKA|BIRTH|IMMIGRANT|MAIDEN|MARRIED|PROFESSIONAL|OTHER)$/',
                'PEDI' => '/^(ADOPTED|BIRTH|FOSTER|SEALING|OTHER)$/',
                'STAT' => '/^(CHALLENGED|DISPROVEN|PROVEN)$/',
                'MEDI' => '/^(AUDIO|BOOK|CARD|ELECTRONIC|FICHE|FILM|MAGAZINE|MANUSCRIPT|MAP|NEWSPAPER|PHOTO|TOMBSTONE|VIDEO|OTHER)$/',
                'ROLE' => '/^(CHIL|CLERGY|FATH|FRIEND|GODP|HUSB|MOTH|MULTIPLE|NGHBR|OFFICIATOR|PARENT|SPOU|WIFE|WITN|OTHER)$/',
                'QUAY' => '/^[0-3]$/',
                'adopter' => '/^(HUSB|WIFE|BOTH)$/',
                'ritestate' => '/^(BIC|CANCELED|CHILD|COMPLETED|EXCLUDED|DNS|DNS_CAN|INFANT|PRE_1970|STILLBORN|SUBMITTED|UNCLEARED)$/',
                'citeevent' => '/^[A-Z]{2,4}$/',
                'recorded' => '/^[A-Z]{2,4}(, [A-Z]{2,4})*$/',
                'NO' => '/^[A-Z]{3,4}$/',
                'AGE' => '/^$|^([<>] )?(\d+y( \d+m)?( \d+w)?( \d+d)?|\d+m( \d+w)?( \d+d)?|\d+w( \d+d)?|\d+d)$/',
                'lang' => '/^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$/',
                'mime', 'media' => '/^[a-z]+\/[A-Za-z0-9.+-]+$/',
                'latitude' => '/^[NS]\d{1,2}(\.\d+)?$/',
                'longitude' => '/^[EW]\d{1,3}(\.\d+)?$/',
                'time' => '/^\d{1,2}:\d\d(:\d\d(\.\d+)?)?Z?$/',
                'when' => self::date(false),
                'period' => self::date(true),
                'stampday' => '/^\d{1,2} (JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC) \d{4}$/',
                'schema' => '/^_[A-Z0-9_]+ \S+$/',
                'typedvalue', 'value' => '/^(?!$)|^$/',
                default => '/^/',
            },
        };
    }

    public function pointer(): string
    {
        return '/^@(?!VOID@)[A-Z0-9_]+@$/';
    }

    public function hasConc(): bool
    {
        return false;
    }

    private static function date(bool $isPeriodOnly): string
    {
        $month = '(JAN|FEB|MAR|APR|MAY|JUN|JUL|AUG|SEP|OCT|NOV|DEC|VEND|BRUM|FRIM|NIVO|PLUV|VENT|GERM'
            .'|FLOR|PRAI|MESS|THER|FRUC|COMP|TSH|CSH|KSL|TVT|SHV|ADR|ADS|NSN|IYR|SVN|TMZ|AAV|ELL)';
        $day = "((GREGORIAN|JULIAN|FRENCH_R|HEBREW) )?(((\\d{1,2} )?{$month} )?\\d{1,4}( BCE)?)";
        $period = "FROM {$day}( TO {$day})?|TO {$day}";

        return $isPeriodOnly ? "/^({$period})?$/" : "/^({$day}|{$period}|BET {$day} AND {$day}|(AFT|BEF|ABT|CAL|EST) {$day})?$/";
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

use NorthBough\Core\Gedcom\Version;

/**
 * Which lines a version of the standard has beneath which, and of what form each is: 5.5.1, chapter 2; version 7,
 * chapter 3. A line is told as TAG=form, with a star where several may stand. Forms that only say what stands beneath
 * them have their own lines here; the others are what Payloads knows.
 */
final readonly class EditionGrammar
{
    private const BOTH = [
        'reach' => 'ADDR=addr PHON=words* EMAIL=words* FAX=words* WWW=words*',
        'addr' => 'ADR1=words ADR2=words ADR3=words CITY=words STAE=words POST=words CTRY=words',
        'CORP' => '@reach', 'programdata' => 'DATE=day COPR=words', 'day' => 'TIME=words', 'headplace' => 'FORM=words',
        'map' => 'LATI=words LONG=words',
        'sourcedata' => 'EVEN=recorded* AGNC=words @notes', 'fams' => '@notes', 'aged' => 'AGE=age', 'adopted' => 'ADOP=adopter',
        'typed' => 'TYPE=words',
        'chan' => 'DATE=day @notes', 'program' => 'VERS=words NAME=words CORP=CORP DATA=programdata',
    ];

    private const V551 = [
        'notes' => 'NOTE=note*', 'cites' => 'SOUR=cite*', 'medias' => 'OBJE=link*',
        'pieces' => 'NPFX=words GIVN=words NICK=words SPFX=words SURN=words NSFX=words',
        'detail' => 'TYPE=words DATE=date PLAC=place @reach AGNC=words RELI=words CAUS=words RESN=resn @notes @cites @medias',
        'own' => '@detail AGE=age', 'two' => '@detail HUSB=aged WIFE=aged',
        'rites' => 'DATE=date TEMP=words PLAC=words STAT=ritestate @notes @cites',
        'HEAD' => 'SOUR=program DEST=words DATE=day SUBM=pointer SUBN=pointer FILE=words COPR=words GEDC=gedc CHAR=char LANG=language '
            .'PLAC=headplace NOTE=words', 'gedc' => 'VERS=words FORM=words', 'char' => 'VERS=words',
        'INDI' => 'RESN=resn NAME=name* SEX=sex CAST=fact* DSCR=fact* EDUC=fact* IDNO=fact* NATI=fact* NCHI=fact* NMR=fact* OCCU=fact* '
            .'PROP=fact* RELI=fact* RESI=fact* SSN=fact* TITL=fact* FACT=fact* '
            .'ADOP=adoption* BAPM=fact* BARM=fact* BASM=fact* BIRT=birth* BLES=fact* BURI=fact* CENS=fact* CHR=birth* CHRA=fact* '
            .'CONF=fact* CREM=fact* DEAT=fact* EMIG=fact* FCOM=fact* GRAD=fact* IMMI=fact* NATU=fact* '
            .'ORDN=fact* PROB=fact* RETI=fact* WILL=fact* EVEN=fact* BAPL=rite* CONL=rite* ENDL=rite* SLGC=sealing* FAMC=famc* FAMS=fams* '
            .'SUBM=pointer* ASSO=asso* ALIA=alia* ANCI=pointer* DESI=pointer* '
            .'RFN=words AFN=words REFN=typed* RIN=words CHAN=chan @notes @cites @medias',
        'FAM' => 'RESN=resn ANUL=shared* CENS=shared* DIV=shared* DIVF=shared* ENGA=shared* MARB=shared* MARC=shared* MARL=shared* '
            .'MARR=shared* MARS=shared* RESI=shared* EVEN=shared* HUSB=partner WIFE=partner CHIL=partner* '
            .'NCHI=count SUBM=pointer* SLGS=rite* REFN=typed* RIN=words CHAN=chan @notes @cites @medias',
        'OBJE' => 'FILE=file* REFN=typed* RIN=words @notes @cites CHAN=chan', 'file' => 'FORM=form TITL=words', 'form' => 'TYPE=medi',
        'REPO' => 'NAME=words @reach @notes REFN=typed* RIN=words CHAN=chan', 'SNOTE' => 'REFN=typed* RIN=words @cites CHAN=chan',
        'NOTE' => 'REFN=typed* RIN=words @cites CHAN=chan',
        'SOUR' => 'DATA=sourcedata AUTH=words TITL=words ABBR=words PUBL=words TEXT=words REPO=holder* REFN=typed* RIN=words CHAN=chan '
            .'@notes @medias',
        'recorded' => 'DATE=date PLAC=words', 'holder' => '@notes CALN=caln*', 'caln' => 'MEDI=medi',
        'SUBM' => 'NAME=words @reach @medias LANG=language* RFN=words RIN=words @notes CHAN=chan',
        'SUBN' => 'SUBM=pointer FAMF=words TEMP=words ANCE=words DESC=words ORDI=words RIN=words @notes CHAN=chan',
        'name' => 'TYPE=nametype @pieces FONE=variant* ROMN=variant* @notes @cites', 'variant' => 'TYPE=words @pieces @notes @cites',
        'fact' => '@own', 'birth' => '@own FAMC=pointer', 'adoption' => '@own FAMC=adopted', 'shared' => '@two', 'rite' => '@rites',
        'sealing' => '@rites FAMC=pointer', 'ritestate' => 'DATE=day',
        'famc' => 'PEDI=pedi STAT=stat @notes', 'asso' => 'RELA=words @notes @cites',
        'place' => 'FORM=words FONE=placevariant* ROMN=placevariant* MAP=map @notes', 'placevariant' => 'TYPE=words',
        'cite' => 'PAGE=words EVEN=citeevent DATA=citedata @medias @notes QUAY=quay', 'citedtext' => 'TEXT=words* @medias @notes QUAY=quay',
        'citeevent' => 'ROLE=words', 'citedata' => 'DATE=date TEXT=words*',
        'link' => '', 'linked' => 'FILE=linkfile* TITL=words', 'linkfile' => 'FORM=linkform', 'linkform' => 'MEDI=medi',
    ];

    private const V7 = [
        'notes' => 'NOTE=noted* SNOTE=pointer*', 'cites' => 'SOUR=cite*', 'medias' => 'OBJE=link*',
        'pieces' => 'NPFX=words* GIVN=words* NICK=words* SPFX=words* SURN=words* NSFX=words*', 'change' => 'CHAN=chan CREA=crea',
        'ids' => 'REFN=typed* UID=words* EXID=typed*',
        'detail' => 'DATE=date PLAC=place @reach AGNC=words RELI=words CAUS=words RESN=resn SDATE=date ASSO=asso* @notes @cites @medias '
            .'UID=words*', 'own' => '@detail AGE=age TYPE=words', 'two' => '@detail HUSB=aged WIFE=aged TYPE=words',
        'rites' => 'DATE=date TEMP=words PLAC=place STAT=ritestate @notes @cites',
        'HEAD' => 'GEDC=gedc SCHMA=schma SOUR=program DEST=words DATE=day SUBM=pointer COPR=words LANG=language PLAC=headplace NOTE=noted '
            .'SNOTE=pointer', 'gedc' => 'VERS=words', 'schma' => 'TAG=words*',
        'INDI' => 'RESN=resn NAME=name* SEX=sex CAST=fact* DSCR=fact* EDUC=fact* IDNO=fact* NATI=fact* NCHI=fact* NMR=fact* OCCU=fact* '
            .'PROP=fact* RELI=fact* RESI=fact* SSN=fact* TITL=fact* FACT=fact* '
            .'ADOP=adoption* BAPM=fact* BARM=fact* BASM=fact* BIRT=birth* BLES=fact* BURI=fact* CENS=fact* CHR=birth* CHRA=fact* '
            .'CONF=fact* CREM=fact* DEAT=fact* EMIG=fact* FCOM=fact* GRAD=fact* IMMI=fact* NATU=fact* '
            .'ORDN=fact* PROB=fact* RETI=fact* WILL=fact* EVEN=fact* NO=no* BAPL=rite* CONL=rite* ENDL=rite* INIL=rite* SLGC=sealing* '
            .'FAMC=famc* FAMS=fams* SUBM=pointer* ASSO=asso* ALIA=phrased* ANCI=pointer* DESI=pointer* '
            .'@ids @notes @cites @medias @change',
        'FAM' => 'RESN=resn NCHI=shared* RESI=shared* FACT=shared* ANUL=shared* CENS=shared* DIV=shared* DIVF=shared* ENGA=shared* '
            .'MARB=shared* MARC=shared* MARL=shared* MARR=shared* MARS=shared* EVEN=shared* NO=no* '
            .'HUSB=phrased WIFE=phrased CHIL=phrased* ASSO=asso* SUBM=pointer* SLGS=rite* @ids @notes @cites @medias @change',
        'OBJE' => 'RESN=resn FILE=file* @ids @notes @cites @change', 'file' => 'FORM=form TITL=words TRAN=filetran*', 'form' => 'MEDI=medi',
        'filetran' => 'FORM=form',
        'REPO' => 'NAME=words @reach @notes @ids @change', 'SNOTE' => 'MIME=words LANG=language TRAN=notetran* @cites @ids @change',
        'notetran' => 'MIME=words LANG=language', 'noted' => 'MIME=words LANG=language TRAN=notetran* @cites',
        'SOUR' => 'DATA=sourcedata AUTH=words TITL=words ABBR=words PUBL=words TEXT=texted REPO=holder* @ids @notes @medias @change',
        'texted' => 'MIME=words LANG=language',
        'recorded' => 'DATE=date PLAC=place', 'holder' => '@notes CALN=caln*', 'caln' => 'MEDI=medi',
        'SUBM' => 'NAME=words @reach @medias LANG=language* @ids @notes @change',
        'name' => 'TYPE=nametype @pieces TRAN=variant* @notes @cites', 'nametype' => 'PHRASE=words', 'variant' => 'LANG=language @pieces',
        'fact' => '@own', 'birth' => '@own FAMC=pointer', 'adoption' => '@own FAMC=adopted', 'adopter' => 'PHRASE=words',
        'shared' => '@two', 'rite' => '@rites', 'sealing' => '@rites FAMC=pointer', 'ritestate' => 'DATE=day',
        'age' => 'PHRASE=words', 'no' => 'DATE=date @notes @cites', 'famc' => 'PEDI=pedi STAT=stat @notes', 'pedi' => 'PHRASE=words',
        'stat' => 'PHRASE=words', 'medi' => 'PHRASE=words', 'phrased' => 'PHRASE=words',
        'asso' => 'PHRASE=words ROLE=role @notes @cites', 'role' => 'PHRASE=words', 'date' => 'TIME=words PHRASE=words',
        'place' => 'FORM=words LANG=language TRAN=placevariant* MAP=map EXID=typed* @notes', 'placevariant' => 'LANG=language',
        'cite' => 'PAGE=words DATA=citedata EVEN=citeevent QUAY=quay @medias @notes', 'citedata' => 'DATE=date TEXT=texted*',
        'citeevent' => 'PHRASE=words ROLE=role', 'link' => 'CROP=crop TITL=words',
        'crop' => 'TOP=words LEFT=words HEIGHT=words WIDTH=words',
        'crea' => 'DATE=day',
    ];

    /** @param  array<string, array<string, array{string, bool}>>  $lines */
    private function __construct(public Version $version, private array $lines)
    {
    }

    public static function of(Version $version): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$version->value] ??= new self($version, self::read(($version === Version::V7 ? self::V7 : self::V551) + self::BOTH));
    }

    /** @return string|null the form of a line under something of that form; null where this version has none there */
    public function form(string $under, string $tag): ?string
    {
        return $this->lines[$under][$tag][0] ?? null;
    }

    public function maySeveral(string $under, string $tag): bool
    {
        return $this->lines[$under][$tag][1] ?? false;
    }

    public function hasNotes(string $under): bool
    {
        return $under !== 'HEAD' && isset($this->lines[$under]['NOTE']);
    }

    public function isRecord(string $tag): bool
    {
        return in_array($tag,
            $this->version === Version::V7 ? ['HEAD', 'INDI', 'FAM', 'OBJE', 'REPO', 'SNOTE', 'SOUR', 'SUBM', 'TRLR']
                : ['HEAD', 'INDI', 'FAM', 'OBJE', 'REPO', 'NOTE', 'SOUR', 'SUBM', 'SUBN', 'TRLR'], true);
    }

    /**
     * @param  array<string, string>  $grammar
     * @return array<string, array<string, array{string, bool}>> form and whether there may be several, by form above and tag
     */
    private static function read(array $grammar): array
    {
        $lines = [];
        foreach ($grammar as $form => $words) {
            while (str_contains($words, '@')) {
                $words = (string) preg_replace_callback('/@(\w+)/', static fn (array $m): string => $grammar[$m[1]], $words);
            }
            $lines[$form] = [];
            foreach (explode(' ', $words) as $word) {
                [$tag, $as] = [...explode('=', rtrim($word, '*')), ''];
                if ($tag !== '') {
                    $lines[$form][$tag] = [$as, str_ends_with($word, '*')];
                }
            }
        }

        return $lines;
    }
}

<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tree\EventKinds;

/**
 * What a line says, in the words of another version: enumerations, ages, languages and kinds of file (5.5.1, chapter 2;
 * version 7, chapters 2.6 to 2.12 and 3.4).
 */
final class PayloadWording
{
    private const MEDIA = ['AUDIO', 'BOOK', 'CARD', 'ELECTRONIC', 'FICHE', 'FILM', 'MAGAZINE', 'MANUSCRIPT', 'MAP', 'NEWSPAPER', 'PHOTO',
        'TOMBSTONE', 'VIDEO'];

    private const PEDIGREES = ['ADOPTED', 'BIRTH', 'FOSTER', 'SEALING'];

    private const PROOFS = ['CHALLENGED', 'DISPROVEN', 'PROVEN'];

    private const NAMES = ['AKA', 'BIRTH', 'IMMIGRANT', 'MAIDEN', 'MARRIED', 'PROFESSIONAL'];

    private const ROLES = ['CHIL', 'CLERGY', 'FATH', 'FRIEND', 'GODP', 'HUSB', 'MOTH', 'MULTIPLE', 'NGHBR', 'OFFICIATOR', 'PARENT', 'SPOU',
        'WIFE', 'WITN'];

    private const RITES = ['BIC', 'CANCELED', 'CHILD', 'COMPLETED', 'EXCLUDED', 'DNS', 'DNS_CAN', 'INFANT', 'PRE_1970', 'STILLBORN',
        'SUBMITTED', 'UNCLEARED'];

    /** Kinds of files by the ending that 5.5.1 has for them. */
    private const FILES = [
        'jpg' => 'image/jpeg', 'jpeg' => 'image/jpeg', 'png' => 'image/png', 'gif' => 'image/gif', 'tif' => 'image/tiff',
        'tiff' => 'image/tiff', 'bmp' => 'image/bmp', 'webp' => 'image/webp',
        'pdf' => 'application/pdf', 'txt' => 'text/plain', 'htm' => 'text/html', 'html' => 'text/html', 'mp3' => 'audio/mpeg',
        'wav' => 'audio/wav', 'mp4' => 'video/mp4', 'mov' => 'video/quicktime', 'mpg' => 'video/mpeg', 'avi' => 'video/x-msvideo',
    ];

    /** What says something in its payload; every other event says Y or nothing. */
    private const ATTRIBUTES = ['CAST', 'DSCR', 'EDUC', 'IDNO', 'NATI', 'NCHI', 'NMR', 'OCCU', 'PROP', 'RELI', 'RESI', 'SSN', 'TITL',
        'FACT', 'EVEN'];

    /** Forms that say the same in both versions: the most of a file. */
    private const SAME = ['words' => 1, 'name' => 1, 'place' => 1, 'note' => 1, 'noted' => 1, 'pointer' => 1, 'cite' => 1, 'citedata' => 1,
        'famc' => 1, 'fams' => 1, 'partner' => 1, 'phrased' => 1, 'chan' => 1, 'day' => 1, 'texted' => 1];

    /** The ages that 5.5.1 has in words (5.5.1, AGE_AT_EVENT), by the age of version 7. */
    private const AGES = ['CHILD' => '< 8y', 'INFANT' => '< 1y', 'STILLBORN' => '0y'];

    /**
     * @return Structure|null null where the version has no words for it
     */
    public static function into(Version $version, string $form, Structure $line): ?Structure
    {
        if (isset(self::SAME[$form])) {
            return $line;
        }
        $isSeven = $version === Version::V7;

        return match ($form) {
            'sex' => $isSeven || in_array($line->payload, ['M', 'F', 'U'], true)
                ? self::saying($line, in_array($line->payload, ['M', 'F', 'X', 'U'], true) ? $line->payload : 'U') : null,
            'resn' => self::restriction($isSeven, $line),
            'nametype' => $isSeven ? self::chosen($line, self::NAMES) : self::worded($line),
            'pedi' => $isSeven ? self::chosen($line, self::PEDIGREES) : self::oneOf($line, self::PEDIGREES),
            'stat' => $isSeven ? self::upper($line, self::PROOFS) : self::oneOf($line, self::PROOFS),
            'medi' => $isSeven ? self::chosen($line, self::MEDIA) : self::oneOf($line, self::MEDIA),
            'role' => self::role($line),
            'citeevent' => ! $isSeven || preg_match('/^[A-Z]{3,4}$/', $line->payload) === 1 ? $line
                : self::phrased($line, 'EVEN', trim($line->payload, '() ')),
            'quay' => preg_match('/^[0-3]$/', trim($line->payload)) === 1 ? self::saying($line, trim($line->payload)) : null,
            'ritestate' => self::rite($isSeven, $line),
            'age' => $isSeven ? self::ageOfSeven($line) : self::olderAge($line),
            'language' => self::language($isSeven, $line),
            'form', 'linkform' => self::file($isSeven, $line),
            'recorded' => $isSeven ? self::recorded($line) : $line,
            'date' => ! $isSeven && trim($line->payload) === '' ? null : $line,
            'adopter' => in_array(strtoupper($line->payload), ['HUSB', 'WIFE', 'BOTH'], true)
                ? self::saying($line, strtoupper($line->payload)) : null,
            'shared', 'fact', 'birth', 'adoption' => match (true) {
                $line->tag === 'RESI' && ! $isSeven => self::silent($line),
                in_array($line->tag, self::ATTRIBUTES, true) => $line,
                default => self::assertion($line),
            },
            default => $line,
        };
    }

    /** N asserts nothing, and so does a tag alone; words in the place of Y are a note. */
    private static function assertion(Structure $line): Structure
    {
        $word = strtoupper(trim($line->payload));

        return match ($word) {
            '', 'Y' => self::saying($line, $word),
            'N' => self::saying($line, '')->add(new Structure(Translator::MARK, "={$line->payload}")),
            default => self::silent($line),
        };
    }

    /** What a line says, in a note beneath it, where the version lets it say nothing. */
    private static function silent(Structure $line): Structure
    {
        return $line->payload === '' ? $line : self::saying($line, '')
            ->add((new Structure('NOTE', $line->payload))->add(new Structure(Translator::MARK, '=')));
    }

    /** Which events a source records: tags, parted by commas. */
    private static function recorded(Structure $line): ?Structure
    {
        $tags = preg_split('/[\s,]+/', strtoupper($line->payload), flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $known = array_filter($tags,
            static fn (string $tag): bool => EventKinds::forTag($tag, false) !== null || EventKinds::forTag($tag, true) !== null);

        return $tags === [] || count($known) !== count($tags) ? null : self::saying($line, implode(', ', $tags));
    }

    /** @param  list<string>  $words */
    private static function oneOf(Structure $line, array $words): ?Structure
    {
        return in_array(strtoupper(trim($line->payload)), $words, true) ? self::saying($line, strtolower(trim($line->payload))) : null;
    }

    /** @param  list<string>  $words */
    private static function upper(Structure $line, array $words): ?Structure
    {
        return in_array(strtoupper(trim($line->payload)), $words, true) ? self::saying($line, strtoupper(trim($line->payload))) : null;
    }

    /**
     * One of the words of version 7, or OTHER with what was said.
     *
     * @param  list<string>  $words
     */
    private static function chosen(Structure $line, array $words): Structure
    {
        $word = strtoupper(trim($line->payload));

        return match (true) {
            in_array($word, $words, true) => self::saying($line, $word),
            $word === 'OTHER' => self::saying($line, 'OTHER'),
            default => self::phrased($line, 'OTHER', $line->payload),
        };
    }

    /** Words of one's own, where the version takes any; OTHER with a phrase is the phrase. */
    private static function worded(Structure $line): Structure
    {
        $phrase = $line->first('PHRASE');
        if (strtoupper($line->payload) !== 'OTHER' || $phrase === null || $phrase->children !== []) {
            return self::saying($line,
                in_array(strtoupper($line->payload), [...self::NAMES, 'OTHER'], true) ? strtolower($line->payload) : $line->payload);
        }

        return self::saying($line, $phrase->payload, static fn (Structure $child): bool => $child !== $phrase);
    }

    private static function role(Structure $line): Structure
    {
        $word = strtoupper(trim($line->payload));

        return in_array($word, [...self::ROLES, 'OTHER'], true) ? self::saying($line, $word)
            : self::phrased($line, 'OTHER', trim($line->payload, '() '));
    }

    private static function restriction(bool $isSeven, Structure $line): ?Structure
    {
        $words = array_values(
            array_intersect(preg_split('/[\s,]+/', strtoupper($line->payload), flags: PREG_SPLIT_NO_EMPTY) ?: [],
                ['CONFIDENTIAL', 'LOCKED', 'PRIVACY']));

        return match (true) {
            $words === [] => null,
            $isSeven => self::saying($line, implode(', ', $words)),
            count($words) === 1 => self::saying($line, strtolower($words[0])),
            default => null,
        };
    }

    private static function rite(bool $isSeven, Structure $line): ?Structure
    {
        $word = str_replace(['-', '/'], '_', strtoupper(trim($line->payload)));

        return $isSeven ? (in_array($word, self::RITES, true) ? self::saying($line, $word) : null)
            : self::saying($line, str_replace(['DNS_CAN', 'PRE_1970'], ['DNS/CAN', 'PRE-1970'], $word));
    }

    private static function ageOfSeven(Structure $line): Structure
    {
        $age = trim((string) preg_replace(['/^([<>])\s*/', '/\s+/'], ['$1 ', ' '], trim($line->payload)));
        $word = strtoupper($age);

        return match (true) {
            isset(self::AGES[$word]) => self::phrased($line, self::AGES[$word], $word),
            preg_match('/^\d+$/', $age) === 1 => self::saying($line, "{$age}y"),
            preg_match('/^([<>] )?(\d+y)?( ?\d+m)?( ?\d+w)?( ?\d+d)?$/', strtolower($age)) === 1 => self::saying($line, strtolower($age)),
            default => self::phrased($line, '', $line->payload),
        };
    }

    private static function olderAge(Structure $line): ?Structure
    {
        $phrase = $line->text('PHRASE');
        if ((self::AGES[strtoupper($phrase)] ?? null) === $line->payload) {
            return self::saying($line, strtoupper($phrase), static fn (Structure $child): bool => $child->tag !== 'PHRASE');
        }
        // Weeks are of version 7 alone.
        $age = (string) preg_replace_callback('/(\d+)w(?: (\d+)d)?/',
            static fn (array $m): string => (7 * (int) $m[1] + (int) ($m[2] ?? 0)).'d', $line->payload);

        return $age === '' || $age !== $line->payload && preg_match('/\d{4,}d/', $age) === 1 ? null : self::saying($line, $age);
    }

    private static function language(bool $isSeven, Structure $line): ?Structure
    {
        $worded = $isSeven ? Languages::tag($line->payload) : Languages::name($line->payload);

        return $worded === '' ? null : self::saying($line, $worded);
    }

    private static function file(bool $isSeven, Structure $line): Structure
    {
        $worded = strtolower(trim($line->payload, " .\t"));
        if ($isSeven) {
            return self::saying($line, str_contains($worded, '/') ? $worded : self::FILES[$worded] ?? 'application/octet-stream');
        }
        $ending = array_search($worded, self::FILES, true);

        return self::saying($line, match (true) {
            ! str_contains($worded, '/') && $worded !== '' => $worded,
            $ending !== false => $ending,
            default => substr((string) preg_replace('/[^a-z0-9]/', '', substr($worded, (int) strrpos($worded, '/'))), 0, 5) ?: 'bin',
        });
    }

    private static function phrased(Structure $line, string $payload, string $phrase): Structure
    {
        $worded = self::saying($line, $payload, static fn (Structure $child): bool => $child->tag !== 'PHRASE');

        return $phrase === '' ? $worded : $worded->add(new Structure('PHRASE', $phrase));
    }

    /** @param  (callable(Structure): bool)|null  $keeping */
    private static function saying(Structure $line, string $payload, ?callable $keeping = null): Structure
    {
        $worded = new Structure($line->tag, $payload, $line->pointer, $line->line, $line->isPointer && $payload === $line->payload);
        $worded->children = array_values(array_filter($line->children, $keeping ?? static fn (): bool => true));

        return $worded;
    }
}

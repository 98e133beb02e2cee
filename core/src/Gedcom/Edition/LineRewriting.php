<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

use NorthBough\Core\Gedcom\RoleWords;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/**
 * Lines that both versions have, each in its own way: a name in another script, a role, a number of one's own, a citation
 * of something that is no source, a shared note. What one version says is said in the other, and back.
 */
final readonly class LineRewriting
{
    /** Numbers that 5.5.1 has lines for, and version 7 has REFN with a TYPE. */
    private const NUMBERS = ['AFN', 'RFN', 'RIN'];

    /** TYPE of a FONE or ROMN in 5.5.1, by the language of a TRAN in version 7. */
    private const SCRIPTS = ['ja-Latn' => 'romaji', 'ja-Hrkt' => 'kana', 'ko-Hang' => 'hangul', 'zh-Latn-pinyin' => 'pinyin',
        'zh-Latn-wadegile' => 'wadegiles'];

    public function __construct(private Version $version)
    {
    }

    /** Every other line is the same in both. */
    private const TAGS = ['NOTE' => 1, 'SNOTE' => 1, 'FONE' => 1, 'ROMN' => 1, 'TRAN' => 1, 'ASSO' => 1, 'AFN' => 1, 'RFN' => 1, 'RIN' => 1,
        'REFN' => 1, 'UID' => 1, 'EXID' => 1, 'SOUR' => 1, 'TYPE' => 1, 'MEDI' => 1, 'FACT' => 1];

    /** The line in the way of the version; the same where it has no other. */
    public function rewritten(string $under, Structure $line): Structure
    {
        if (! isset(self::TAGS[$line->tag])) {
            return $line;
        }

        return $this->version === Version::V7 ? $this->newer($under, $line) : $this->older($under, $line);
    }

    private function newer(string $under, Structure $line): Structure
    {
        return match (true) {
            $line->tag === 'NOTE' && ($line->isPointer || ($under === '' && $line->pointer !== '')) => self::called('SNOTE', $line),
            in_array($line->tag, ['FONE', 'ROMN'], true) => $this->translation($line),
            $line->tag === 'ASSO'
                && $line->first('RELA') !== null => self::each($line,
                    static fn (Structure $child): Structure => $child->tag === 'RELA' ? self::role($child) : $child),
            in_array($line->tag, self::NUMBERS, true) && $line->children === [] => (new Structure('REFN', $line->payload))
                ->add(new Structure('TYPE', $line->tag)),
            $line->tag === 'REFN' && $line->text('TYPE') === 'UID' && count($line->children) === 1 => new Structure('UID', $line->payload),
            $line->tag === 'REFN' && str_starts_with($line->text('TYPE'), 'EXID') && count($line->children) === 1 => self::external($line),
            $line->tag === 'SOUR' && $under !== '' && $under !== 'HEAD' && ! $line->isPointer => self::pageOfNothing($line),
            $line->tag === 'TYPE' && $under === 'form' => self::called('MEDI', $line),
            default => $line,
        };
    }

    private function older(string $under, Structure $line): Structure
    {
        return match (true) {
            $line->tag === 'SNOTE' => self::called('NOTE', $line),
            $line->tag === 'TRAN' && in_array($under, ['name', 'place'], true) => $this->variant($line),
            $line->tag === 'ASSO' && $under === 'INDI'
                && $line->first('ROLE') !== null => self::each($line,
                    static fn (Structure $child): Structure => $child->tag === 'ROLE' ? self::relation($child) : $child),
            $line->tag === 'REFN' && in_array($line->text('TYPE'), self::NUMBERS, true) && count($line->children) === 1
                && EditionGrammar::of(Version::V551)
                    ->form($under, $line->text('TYPE')) !== null => new Structure($line->text('TYPE'), $line->payload),
            $line->tag === 'UID' && EditionGrammar::of(Version::V551)
                ->form($under, 'REFN') !== null => (new Structure('REFN', $line->payload))->add(new Structure('TYPE', 'UID')),
            $line->tag === 'EXID' && EditionGrammar::of(Version::V551)
                ->form($under, 'REFN') !== null => (new Structure('REFN', $line->payload))
                ->add(new Structure('TYPE', trim("EXID {$line->text('TYPE')}"))),
            $line->tag === 'SOUR' && $line->payload === '@VOID@' && $under !== '' => self::words($line),
            $line->tag === 'MEDI' && $under === 'form' => self::called('TYPE', $line),
            $line->tag === 'FACT' && $under === 'FAM' => self::called('EVEN', $line, new Structure(Translator::MARK, 'FACT')),
            default => $line,
        };
    }

    /** FONE or ROMN as TRAN; what its TYPE said stands beneath it, where the language does not say it. */
    private function translation(Structure $line): Structure
    {
        $type = trim($line->text('TYPE'));
        $isRoman = $line->tag === 'ROMN';
        $language = array_search($type, self::SCRIPTS, true);
        $isTag = $language === false && Languages::isTag($type) && $isRoman === (bool) preg_match('/-Latn\b/', $type);
        $rewritten = new Structure('TRAN', $line->payload);
        $rewritten->add(new Structure('LANG', match (true) {
            $language !== false => $language,
            $isTag => $type,
            default => $isRoman ? 'und-Latn' : 'und',
        }));
        foreach ($line->children as $child) {
            $rewritten->add($child->tag === 'TYPE' ? new Structure($language !== false || $isTag || $type === '' ? '' : '_NB_TYPE', $type)
                : $child);
        }
        $rewritten->children = array_values(array_filter($rewritten->children, static fn (Structure $child): bool => $child->tag !== ''));

        return $rewritten;
    }

    private function variant(Structure $line): Structure
    {
        $language = trim($line->text('LANG'));
        $isRoman = preg_match('/-Latn\b/', $language) === 1;
        $rewritten = new Structure($isRoman ? 'ROMN' : 'FONE', $line->payload);
        $rewritten->add(
            new Structure('TYPE', ($line->text('_NB_TYPE') ?: $line->text('_TYPE')) ?: self::SCRIPTS[$language] ?? ($language ?: 'und')));
        foreach ($line->children as $child) {
            if (! in_array($child->tag, ['LANG', '_NB_TYPE', '_TYPE'], true)) {
                $rewritten->add($child);
            }
        }

        return $rewritten;
    }

    private static function role(Structure $relation): Structure
    {
        $role = RoleWords::standard($relation->payload);
        $rewritten = new Structure('ROLE', $role);

        return $role === 'OTHER' ? $rewritten->add(new Structure('PHRASE', $relation->payload)) : $rewritten;
    }

    private static function relation(Structure $role): Structure
    {
        return new Structure('RELA', RoleWords::fromStandard($role->payload, $role->text('PHRASE')));
    }

    private static function external(Structure $line): Structure
    {
        $type = trim(substr($line->text('TYPE'), 4));
        $rewritten = new Structure('EXID', $line->payload);

        return $type === '' ? $rewritten : $rewritten->add(new Structure('TYPE', $type));
    }

    /** A citation in words, of no source that the file has. */
    private static function pageOfNothing(Structure $line): Structure
    {
        $rewritten = Structure::pointing('SOUR', '@VOID@');
        if ($line->payload !== '') {
            $rewritten->add(new Structure('PAGE', $line->payload));
        }
        $data = new Structure('DATA');
        foreach ($line->children as $child) {
            $child->tag === 'TEXT' ? $data->add($child) : $rewritten->add($child);
        }
        if ($data->children !== []) {
            array_splice($rewritten->children, $line->payload === '' ? 0 : 1, 0, [$data]);
        }

        return $rewritten;
    }

    private static function words(Structure $line): Structure
    {
        $rewritten = new Structure('SOUR', $line->text('PAGE'));
        $page = $line->first('PAGE');
        foreach ($line->children as $child) {
            $isTexts = $child->tag === 'DATA'
                && array_filter($child->children, static fn (Structure $child): bool => $child->tag !== 'TEXT') === [];
            foreach (match (true) {
                $child === $page => [],
                $isTexts => $child->children,
                default => [$child],
            } as $kept) {
                $rewritten->add($kept);
            }
        }

        return $rewritten;
    }

    private static function called(string $tag, Structure $line, Structure ...$with): Structure
    {
        $rewritten = new Structure($tag, $line->payload, $line->pointer, $line->line, $line->isPointer);
        $rewritten->children = [...$line->children, ...array_values($with)];

        return $rewritten;
    }

    /** @param  callable(Structure): Structure  $with */
    private static function each(Structure $line, callable $with): Structure
    {
        $rewritten = self::called($line->tag, $line);
        $rewritten->children = array_map($with, $line->children);

        return $rewritten;
    }
}

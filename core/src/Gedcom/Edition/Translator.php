<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Edition;

use NorthBough\Core\Gedcom\OwnTags;
use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Gedcom\Version;

/**
 * Records in the lines of one version and no other. What both have is said in that version's way (Rewriting, Payloads).
 * A line that it has no place for goes under its tag with _NB_ before it, where every version lets programs put lines of
 * their own, and into a note beside it for whoever reads; beneath the note _NB_WAS tells where the line is, so that Restoring
 * puts it back. What a version asks for and nobody said is filled in, and _NB_WAS tells that too.
 */
final class Translator
{
    /** The line by which what was moved is found again. */
    public const MARK = '_NB_WAS';

    /** What must stand beneath a form, and what is put there where nobody said it; without words the whole line is moved. */
    private const NEEDED = [
        '7' => ['asso' => ['ROLE' => 'OTHER'], 'variant' => ['LANG' => 'und'], 'placevariant' => ['LANG' => 'und'],
            'file' => ['FORM' => 'application/octet-stream'], 'REPO' => ['NAME' => '?'], 'SUBM' => ['NAME' => '?'],
            'map' => ['LATI' => '', 'LONG' => ''], 'chan' => ['DATE' => ''], 'crea' => ['DATE' => ''], 'aged' => ['AGE' => ''],
            'sealing' => ['FAMC' => ''], 'ritestate' => ['DATE' => ''], 'headplace' => ['FORM' => '']],
        '5.5.1' => ['asso' => ['RELA' => 'other'], 'variant' => ['TYPE' => 'und'], 'placevariant' => ['TYPE' => 'und'],
            'file' => ['FORM' => 'bin'], 'linkfile' => ['FORM' => 'bin'], 'REPO' => ['NAME' => '?'], 'SUBM' => ['NAME' => '?'],
            'map' => ['LATI' => '', 'LONG' => ''], 'chan' => ['DATE' => ''], 'aged' => ['AGE' => ''], 'sealing' => ['FAMC' => ''],
            'headplace' => ['FORM' => '']],
    ];

    /** Events and facts of version 7 that say what they are in TYPE. */
    private const TYPED = ['EVEN', 'FACT', 'IDNO'];

    /** @var array<string, int> how many lines found no place, by tag */
    public array $moved = [];

    /** @var array<string, string> pointers that the version does not allow, and those in their place */
    private array $renamed = [];

    /** @var list<Structure> */
    private array $records = [];

    private int $lastPicture = 0;

    private readonly EditionGrammar $edition;

    private readonly LineRewriting $rewriting;

    public function __construct(private readonly Version $version)
    {
        $this->edition = EditionGrammar::of($version);
        $this->rewriting = new LineRewriting($version);
    }

    /** @return non-empty-list<Structure> the record, and after it such as it needs beside it */
    public function record(Structure $record): array
    {
        $this->records = [];
        $record = $this->rewriting->rewritten('', $record);
        if (! str_starts_with($record->tag, '_') && ! $this->edition->isRecord($record->tag)) {
            $this->moved[$record->tag] = ($this->moved[$record->tag] ?? 0) + 1;
            $translated = $this->untouched(new Structure(OwnTags::moved($record->tag), $record->payload, $record->pointer),
                $record->children);

            return [$translated->add(new Structure(self::MARK, $record->tag)), ...$this->records];
        }
        if (str_starts_with($record->tag, '_')) {
            return [$this->untouched(new Structure($record->tag, $record->payload, $record->pointer, isPointer: $record->isPointer),
                $record->children)];
        }
        [$translated, $moved] = $this->translated($record->tag, $this->filled($record->tag, $record));
        foreach ($moved as [$path]) {
            $translated->add(new Structure(self::MARK, $path));
        }

        return [$translated, ...$this->records];
    }

    /**
     * @return array{Structure, list<array{string, string}>} the line, and what was moved beneath it that has no note yet:
     *     where, in words
     */
    private function translated(string $form, Structure $line): array
    {
        $translated = new Structure($line->tag, $line->isPointer ? $this->pointer($line->payload) : $line->payload,
            $this->pointer($line->pointer), $line->line, $line->isPointer);
        $moved = [];
        $count = [];
        foreach ($line->children as $child) {
            if (str_starts_with($child->tag, '_')) {
                $translated->add(
                    $this->untouched(
                        new Structure($child->tag, $child->isPointer ? $this->pointer($child->payload) : $child->payload,
                            isPointer: $child->isPointer), $child->children));

                continue;
            }
            $child = $this->apart($form, $this->rewriting->rewritten($form, $child));
            $of = $this->formOf($form, $child);
            $fits = $of !== null && (! isset($count[$child->tag]) || $this->edition->maySeveral($form, $child->tag))
                && ! $this->isVoid($child) && $this->isWhole($of, $child);
            $fitting = $fits ? PayloadWording::into($this->version, $of, $child) : null;
            if ($fitting !== null && $fitting->children === [] && ! $this->isNeedy((string) $of, $fitting)) {
                $count[$child->tag] = ($count[$child->tag] ?? 0) + 1;
                $translated->add(
                    new Structure($fitting->tag, $fitting->isPointer ? $this->pointer($fitting->payload) : $fitting->payload, '',
                        $fitting->line, $fitting->isPointer));

                continue;
            }
            [$inside, $beneath] = $fitting === null ? [null, []] : $this->translated((string) $of, $this->filled((string) $of, $fitting));
            // What a line must have beneath it may itself have found no place.
            $isTold = $inside !== null && $this->isWhole((string) $of, $inside);
            $count[$child->tag] = ($count[$child->tag] ?? 0) + ($fits ? 1 : 0);
            if ($isTold) {
                $translated->add($inside);
                $at = $child->tag.($count[$child->tag] > 1 ? ".{$count[$child->tag]}" : '');
                foreach ($beneath as [$path, $words]) {
                    $moved[] = ["{$at}/{$path}", Labels::of($child->tag).', '.lcfirst($words)];
                }

                continue;
            }
            $count[$child->tag] -= $inside !== null ? 1 : 0;
            $moved[] = $this->moved($translated, $child, $fits ? self::nearest((string) $of, $child) : null);
        }
        if ($moved === [] || ! $this->edition->hasNotes($form)) {
            return [$translated, $moved];
        }
        foreach ($moved as [$path, $words]) {
            $translated->add((new Structure('NOTE', $words))->add(new Structure(self::MARK, $path)));
        }

        return [$translated, []];
    }

    /** @return array{string, string} where it is now, and in words */
    private function moved(Structure $under, Structure $line, ?Structure $nearest): array
    {
        if ($nearest !== null) {
            $under->add($nearest);
        }
        $isVoid = $this->isVoid($line);
        $under->add($this->untouched(
            new Structure(OwnTags::moved($line->tag), $isVoid ? '' : ($line->isPointer ? $this->pointer($line->payload) : $line->payload),
                isPointer: $line->isPointer && ! $isVoid), $line->children));
        $this->moved[$line->tag] = ($this->moved[$line->tag] ?? 0) + 1;
        $before = count(array_filter($under->children, static fn (Structure $child): bool => $child->tag === OwnTags::moved($line->tag)));

        return [OwnTags::moved($line->tag).($before > 1 ? ".{$before}" : '').($nearest === null ? '' : '!').($isVoid ? '@' : ''),
            Labels::words($line)];
    }

    private function formOf(string $under, Structure $line): ?string
    {
        $form = $this->edition->form($under, $line->tag);

        return match (true) {
            $form === 'cite' && ! $line->isPointer => $this->version === Version::V551 ? 'citedtext' : null,
            $form === 'link' && ! $line->isPointer => $this->version === Version::V551 ? 'linked' : null,
            default => $form,
        };
    }

    /** Version 7 has pictures in records of their own alone. */
    private function apart(string $under, Structure $line): Structure
    {
        $files = array_values(array_filter($line->children, static fn (Structure $child): bool => $child->tag === 'FILE'));
        if ($this->version !== Version::V7 || $line->tag !== 'OBJE' || $line->isPointer || $this->edition->form($under, 'OBJE') !== 'link'
            || count($files) !== 1) {
            return $line;
        }
        $pointer = '@NB_M'.++$this->lastPicture.'@';
        $record = new Structure('OBJE', '', $pointer);
        $file = new Structure('FILE', $files[0]->payload);
        $file->children = [...$files[0]->children,
            ...array_filter($line->children, static fn (Structure $child): bool => $child->tag === 'TITL')];
        $record->add($file);
        foreach ($line->children as $child) {
            if (! in_array($child->tag, ['FILE', 'TITL'], true)) {
                $record->add($child);
            }
        }
        $this->moved['OBJE'] = ($this->moved['OBJE'] ?? 0) + 1;
        [$translated] = $this->translated('OBJE', $record);
        $this->records[] = $translated;

        return Structure::pointing('OBJE', $pointer);
    }

    /** Whether something must stand beneath such a line. */
    private function isNeedy(string $form, Structure $line): bool
    {
        return isset(self::NEEDED[$this->version->value][$form]) || in_array($line->tag, self::TYPED, true);
    }

    private function isVoid(Structure $line): bool
    {
        return $this->version === Version::V551 && $line->isPointer && $line->payload === '@VOID@';
    }

    private function isWhole(string $form, Structure $line): bool
    {
        foreach (self::NEEDED[$this->version->value][$form] ?? [] as $tag => $words) {
            if ($words === '' && $line->first($tag) === null) {
                return false;
            }
        }

        return true;
    }

    private function filled(string $form, Structure $line): Structure
    {
        $needed = array_filter(self::NEEDED[$this->version->value][$form] ?? [], static fn (string $words): bool => $words !== '');
        if ($this->version === Version::V7 && in_array($line->tag, self::TYPED, true) && in_array($form, ['fact', 'shared'], true)) {
            $needed += ['TYPE' => 'unspecified'];
        }
        foreach ($needed as $tag => $words) {
            if ($line->first($tag) === null) {
                $line = clone $line;
                $line->add(new Structure($tag, $words))->add(new Structure(self::MARK, "-{$tag}"));
            }
        }

        return $line;
    }

    /** What of a line the version can say after all: only that there is something, or the first of several words. */
    private static function nearest(string $form, Structure $line): ?Structure
    {
        $first = strtok(strtolower($line->payload), ', ') ?: '';

        return match (true) {
            $form === 'sex' => new Structure('SEX', 'U'),
            $form === 'resn' && in_array($first, ['confidential', 'locked', 'privacy'], true) => new Structure('RESN', $first),
            default => null,
        };
    }

    /** @param  list<Structure>  $children */
    private function untouched(Structure $line, array $children): Structure
    {
        foreach ($children as $child) {
            $line->add($this->untouched(
                new Structure($child->tag, $child->isPointer ? $this->pointer($child->payload) : $child->payload, $child->pointer,
                    $child->line, $child->isPointer), $child->children));
        }

        return $line;
    }

    /** The same pointer where the version allows it; else one of its letters. */
    private function pointer(string $pointer): string
    {
        if ($pointer === '' || $pointer === '@VOID@'
            || preg_match($this->version === Version::V7 ? '/^@[A-Z0-9_]+@$/' : '/^@[A-Za-z0-9][^@]{0,19}@$/', $pointer) === 1) {
            return $pointer;
        }

        return $this->renamed[$pointer] ??= '@'.substr((string) preg_replace('/[^A-Z0-9]/', '', strtoupper($pointer)), 0, 8).'_'
            .strtoupper(substr(md5($pointer), 0, 6)).'@';
    }
}

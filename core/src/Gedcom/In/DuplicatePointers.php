<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Structure;

/**
 * Records of a file that have one pointer between them, which the standard forbids and files do. The second and further
 * ones get pointers of their own. A reference goes to the one that can be meant by its tag and that refers back; where
 * none or several do, to the first, and that is remarked on.
 */
final class DuplicatePointers
{
    /** What a line points at, and the lines by which that record refers back. */
    private const MEANT = [
        'HUSB' => ['INDI', ['FAMS']], 'WIFE' => ['INDI', ['FAMS']], 'CHIL' => ['INDI', ['FAMC']], 'FAMC' => ['FAM', ['CHIL']],
        'FAMS' => ['FAM', ['HUSB', 'WIFE']],
        'ASSO' => ['INDI', ['ASSO']], 'ALIA' => ['INDI', ['ALIA']], 'SOUR' => ['SOUR', []], 'REPO' => ['REPO', []], 'OBJE' => ['OBJE', []],
        'SUBM' => ['SUBM', []], 'SNOTE' => ['SNOTE', []],
    ];

    /**
     * @var array<string, list<array{string, string, array<string, true>}>> by pointer, in file order: new pointer, tag,
     *     what it refers to
     */
    private array $sharing = [];

    /** @var array<string, int> how many of a pointer went by */
    private array $met = [];

    /** @param  callable(Remark): void  $remark */
    private function __construct(private $remark)
    {
    }

    /**
     * @param  iterable<Structure>  $records  of the whole file
     * @param  list<string>  $doubled  the pointers that more than one has
     * @param  callable(Remark): void  $remark
     */
    public static function among(iterable $records, array $doubled, callable $remark): self
    {
        $namesakes = new self($remark);
        $sharing = array_fill_keys($doubled, true);
        [$taken, $renamed] = [[], []];
        foreach ($records as $record) {
            $taken[$record->pointer] = true;
            if (isset($sharing[$record->pointer])) {
                $refersTo = [];
                foreach ($record->children as $child) {
                    $refersTo += $child->isPointer ? ["{$child->tag} {$child->payload}" => true] : [];
                }
                $renamed[$record->pointer][] = [$record->tag, $refersTo];
            }
        }
        foreach ($renamed as $pointer => $records) {
            foreach ($records as $at => [$tag, $refersTo]) {
                $new = (string) $pointer;
                for ($number = $at + 1; $at > 0 && isset($taken[$new]); $number++) {
                    $new = substr((string) $pointer, 0, -1)."_{$number}@";
                }
                $taken[$new] = true;
                $namesakes->sharing[$pointer][] = [$new, $tag, $refersTo];
            }
        }

        return $namesakes;
    }

    /** The same record, called by its own pointer, its references going to those that they mean. Records come in file order. */
    public function withOwnPointer(Structure $record): Structure
    {
        $of = $this->sharing[$record->pointer] ?? null;
        $at = $of === null ? 0 : $this->met[$record->pointer] = ($this->met[$record->pointer] ?? -1) + 1;
        if ($at > 0) {
            ($this->remark)(
                Remark::mended($record->line, "0 {$record->pointer} {$record->tag}",
                    "uses a pointer a second time; it is called {$of[$at][0]} here", isPlaced: true));
        }

        return $this->renamed($record, $record->pointer, $of[$at][0] ?? $record->pointer);
    }

    private function renamed(Structure $structure, string $from, string $pointer): Structure
    {
        $isDoubled = $structure->isPointer && isset($this->sharing[$structure->payload]);
        $renamed = new Structure($structure->tag, $isDoubled ? $this->meant($structure, $from) : $structure->payload, $pointer,
            $structure->line, $structure->isPointer);
        foreach ($structure->children as $child) {
            $renamed->add($this->renamed($child, $from, ''));
        }

        return $renamed;
    }

    private function meant(Structure $reference, string $from): string
    {
        [$tag, $back] = self::MEANT[$reference->tag] ?? ['', []];
        $all = $this->sharing[$reference->payload];
        $able = array_values(array_filter($all, static fn (array $place): bool => $tag === '' || $place[1] === $tag));
        $answering = array_values(array_filter($able, static function (array $place) use ($back, $from): bool {
            foreach ($back as $line) {
                if (isset($place[2]["{$line} {$from}"])) {
                    return true;
                }
            }

            return false;
        }));
        $meant = count($answering) === 1 ? $answering[0] : $able[0] ?? $all[0];
        if (count($answering) !== 1 && count($able) > 1) {
            ($this->remark)(
                Remark::mended($reference->line, "{$reference->tag} {$reference->payload}",
                    "may mean any of several records of that pointer; it was read as the first, {$meant[0]}: look whether that is so",
                    isPlaced: true));
        }

        return $meant[0];
    }
}

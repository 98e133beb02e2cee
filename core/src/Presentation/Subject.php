<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** What one drawing or report is about: a kind, and the id of each thing of that kind. */
final readonly class Subject
{
    /** What stands in an address for a whole tree. */
    public const WHOLE = 'all';

    /** @param  list<string>  $ids  none for a whole tree */
    private function __construct(public SubjectKind $kind, public array $ids)
    {
    }

    public static function person(string $id): self
    {
        return new self(SubjectKind::Person, [$id]);
    }

    /** @param  non-empty-list<string>  $ids */
    public static function people(array $ids): self
    {
        return new self(SubjectKind::People, $ids);
    }

    /** @param  non-empty-list<string>  $ids  one, or both of a couple */
    public static function line(array $ids): self
    {
        return new self(SubjectKind::Line, $ids);
    }

    /** @param  list<string>  $personIds  only what has to do with them; none for all of it */
    public static function tree(array $personIds = []): self
    {
        return new self(SubjectKind::Tree, $personIds);
    }

    /** @param  string  $unionId  of the couple, who may be one partner alone */
    public static function couple(string $unionId): self
    {
        return new self(SubjectKind::Couple, [$unionId]);
    }

    public static function record(string $id): self
    {
        return new self(SubjectKind::Record, [$id]);
    }

    public static function question(string $id): self
    {
        return new self(SubjectKind::Question, [$id]);
    }

    /** @param  string  $id  of a working set */
    public static function set(string $id): self
    {
        return new self(SubjectKind::Set, [$id]);
    }

    /**
     * A subject as an address has it: ids, parted by commas where there may be several.
     *
     * @throws SubjectMissing where no id is given, or several for a kind that takes one
     */
    public static function read(SubjectKind $kind, string $words): self
    {
        $ids = array_values(array_filter(array_map(trim(...), explode(',', $words)), static fn (string $id): bool => $id !== ''));
        $most = match ($kind) {
            SubjectKind::People, SubjectKind::Tree => PHP_INT_MAX,
            SubjectKind::Line => 2,
            default => 1,
        };
        if ($kind === SubjectKind::Tree && $ids === [self::WHOLE]) {
            return self::tree();
        }
        if ($ids === [] || count($ids) > $most) {
            throw SubjectMissing::of($kind);
        }

        return new self($kind, $ids);
    }

    /** As an address has it: what `read` reads. */
    public function words(): string
    {
        return $this->ids === [] ? self::WHOLE : implode(',', $this->ids);
    }

    /** The one id, or the first of several. */
    public function id(): string
    {
        return $this->ids[0] ?? '';
    }

    /**
     * Those whom it is about, where it cannot be about nobody.
     *
     * @return non-empty-list<string>
     *
     * @throws SubjectMissing where it is about a whole tree
     */
    public function some(): array
    {
        return $this->ids === [] ? throw SubjectMissing::of($this->kind) : $this->ids;
    }
}

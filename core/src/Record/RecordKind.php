<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Chrono\AgeConvention;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;

/**
 * A kind of record: the fields of its head, the columns of its roll, the roles of its people, and what being on it
 * says. A schedule of another year with other columns is another kind.
 */
final readonly class RecordKind
{
    /**
     * @param  string  $code  of a kind that ships; an id for one of a user's own
     * @param  string  $words  everyday words by which it is found
     * @param  bool  $isTall  the page is tall: image and roll stand side by side
     * @param  list<Column>  $heads  said once, true of every line
     * @param  list<Column>  $columns  beside name and role
     * @param  non-empty-list<Role>  $roles
     * @param  string  $event  code of the fact that being on it makes: for everybody, or for the principals alone
     * @param  bool  $eventIsOfAll  everybody who was there has the fact, not the principals alone
     * @param  int  $delayDays  the legal delay between a birth or death and its registration, in days
     * @param  string  $countsFor  whose the children born and living are: `mother` or `marriage`
     */
    public function __construct(
        public string $code,
        public string $name,
        public string $words,
        public array $columns,
        public array $roles,
        public string $event = '',
        public bool $eventIsOfAll = false,
        public array $heads = [],
        public AgeConvention $ageConvention = AgeConvention::Completed,
        public bool $isTall = false,
        public int $delayDays = 0,
        public string $countsFor = 'marriage',
    ) {
    }

    /** The role that a code, or a clerk's word, names; null where it names none. */
    public function role(string $written): ?Role
    {
        $folded = SearchForm::of($written);
        foreach ($folded === '' ? [] : $this->roles as $role) {
            if ($role->code === $written || in_array($folded, $role->spelled, true)) {
                return $role;
            }
        }

        return null;
    }

    public function column(ColumnMeaning $meaning): ?Column
    {
        foreach ($this->columns as $column) {
            if ($column->meaning === $meaning) {
                return $column;
            }
        }

        return null;
    }

    /** Whether the words are told by this kind: everyday words find it. */
    public function isFoundBy(string $typed): bool
    {
        $own = SearchForm::of("{$this->name} {$this->words}");
        foreach (array_filter(explode(' ', SearchForm::of($typed))) as $word) {
            if (! str_contains(" {$own}", " {$word}")) {
                return false;
            }
        }

        return true;
    }

    /** Whether the event that such a record is of says one of these of a life. */
    public function isOf(EventTrait ...$traits): bool
    {
        $kind = EventKinds::all()[$this->event] ?? null;

        return $kind !== null && array_filter($traits, $kind->is(...)) !== [];
    }

    /**
     * @param  array<mixed>  $values  as toArray gives it
     *
     * @throws KindProblem
     */
    public static function fromArray(string $code, array $values): self
    {
        $text = static fn (string $field): string => is_string($values[$field] ?? null) ? trim($values[$field]) : '';
        $list = static fn (string $field): array => array_values(
            array_filter(is_array($values[$field] ?? null) ? $values[$field] : [], is_array(...)));
        if ($text('name') === '') {
            throw KindProblem::because('it has no name');
        }
        $columns = array_map(Column::fromArray(...), $list('columns'));
        $heads = array_map(Column::fromArray(...), $list('heads'));
        foreach ([$columns, $heads] as $fields) {
            $codes = array_map(static fn (Column $column): string => $column->code, $fields);
            if (count(array_unique($codes)) < count($codes)) {
                throw KindProblem::because('two of its columns are called alike');
            }
        }
        $roles = array_map(Role::fromArray(...), $list('roles'));

        return new self($code, $text('name'), $text('words'), $columns,
            $roles === [] ? [Role::of('named', RoleRelation::Principal)] : $roles,
            $text('event'), ($values['eventIsOfAll'] ?? false) === true, $heads,
            AgeConvention::tryFrom($text('telling')) ?? AgeConvention::Completed,
            ($values['isTall'] ?? false) === true, max(0, min(3650, is_int($values['delayDays'] ?? null) ? $values['delayDays'] : 0)),
            $text('countsFor') === 'mother' ? 'mother' : 'marriage');
    }

    /** @return array<string, mixed> the open form in which a kind is shared, as JSON */
    public function toArray(): array
    {
        return [
            'name' => $this->name, 'words' => $this->words, 'event' => $this->event, 'eventIsOfAll' => $this->eventIsOfAll,
            'telling' => $this->ageConvention->value, 'isTall' => $this->isTall, 'delayDays' => $this->delayDays,
            'countsFor' => $this->countsFor,
            'heads' => array_map(static fn (Column $column): array => $column->toArray(), $this->heads),
            'columns' => array_map(static fn (Column $column): array => $column->toArray(), $this->columns),
            'roles' => array_map(static fn (Role $role): array => $role->toArray(), $this->roles),
        ];
    }
}

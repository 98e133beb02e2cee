<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\CaseTags;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\MembershipKind;
use NorthBough\Core\Gedcom\Row\TaskRow;
use NorthBough\Core\Gedcom\Structure;

/**
 * What somebody works with beside the facts, in our extensions: _NB_TASK, _NB_QUESTION, _NB_GROUP and _NB_MARK under a
 * person. One that holds more stays kept.
 */
final class WorkMapping
{
    private const LINES = ['_NB_TASK' => ['_NB_DONE'], '_NB_GROUP' => ['_NB_COLOUR', '_NB_MEANING'],
        '_NB_MARK' => ['_NB_COLOUR', '_NB_MEANING']];

    /** @var array<string, string> ids by kind and name */
    private array $groups = [];

    public function __construct(private readonly MappingContext $mapping)
    {
    }

    public function map(StructureFields $person, string $personId): void
    {
        foreach ($person->takeAll(fn (Structure $structure): bool => CaseTags::isQuestion($structure, $this->mapping)) as $asked) {
            CaseTags::question($asked, $personId, $this->mapping);
        }
        foreach ($person->takeAll(self::isPlain(...)) as $ordinal => $structure) {
            $fields = new StructureFields($structure);
            if ($structure->tag === '_NB_TASK') {
                $done = $fields->text('_NB_DONE');
                $this->mapping->add(
                    new TaskRow($this->mapping->newId(), $personId, $structure->payload, $done, $ordinal, $fields->written()));

                continue;
            }
            $kind = $structure->tag === MembershipKind::Group->tag() ? MembershipKind::Group : MembershipKind::Mark;
            $group = $this->group($kind, $structure->payload, $fields->text('_NB_COLOUR'), $fields->text('_NB_MEANING'));
            $this->mapping->add(new MemberRow($this->mapping->newId(), $personId, $kind, $group, $ordinal, $fields->written()));
        }
    }

    private function group(MembershipKind $kind, string $name, string $colour, string $meaning): string
    {
        $key = "{$kind->value} {$name}";
        if (! isset($this->groups[$key])) {
            $this->groups[$key] = $this->mapping->newId();
            $this->mapping->add(new GroupRow($this->groups[$key], $kind, $name, mb_substr($colour, 0, 20), $meaning));
        }

        return $this->groups[$key];
    }

    /** Whether a task, a group or a mark holds no more than we write. */
    public static function isPlain(Structure $structure): bool
    {
        $allowed = self::LINES[$structure->tag] ?? null;
        if ($allowed === null || trim($structure->payload) === '' || $structure->isPointer) {
            return false;
        }
        $tags = [];
        foreach ($structure->children as $child) {
            $isDay = $child->tag !== '_NB_DONE' || preg_match('/^\d{4}-\d\d-\d\d$/', $child->payload) === 1;
            if ($child->children !== [] || isset($tags[$child->tag]) || ! in_array($child->tag, $allowed, true) || ! $isDay) {
                return false;
            }
            $tags[$child->tag] = true;
        }

        return true;
    }
}

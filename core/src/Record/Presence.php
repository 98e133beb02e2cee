<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Sex;
use NorthBough\Core\Tree\EventTrait;

/** What a line of a record says of somebody's life on the day of the record. */
enum Presence
{
    /** Was there, so was born and alive: on a census, signing, informing. */
    case There;
    /** Was wed on that day. */
    case Wed;
    /** Was born on or shortly before that day: whose birth or baptism it is. */
    case Born;
    /** Bore the child that was born. */
    case Mother;
    /** Begot the child that was born, and may have died before the birth. */
    case Father;
    /** Died on or shortly before that day. */
    case Dead;
    /** Had a grown child that day, and may have been dead for long: the father of a groom. */
    case ParentOfGrown;
    /** Is named and no more. */
    case Named;

    public static function of(Roll $roll, RollLine $line): self
    {
        $role = $roll->role($line);
        $tie = $roll->tie($line);
        $event = $roll->kind->event;
        $isOfBirth = $roll->kind->isOf(EventTrait::Birth, EventTrait::SignOfBirth);
        $isOfFirst = $tie === RoleRelation::Principal || $roll->tie($roll->principalOf($line) ?? $line) === RoleRelation::Principal;

        return match (true) {
            $roll->kind->eventIsOfAll, $role->acts ?? false => self::There,
            $event === 'marriage' && ($tie === RoleRelation::Principal || ($tie === RoleRelation::Partner && $isOfFirst)) => self::Wed,
            $event === 'marriage' && $tie === RoleRelation::Parent => self::ParentOfGrown,
            $isOfBirth && $tie === RoleRelation::Principal => self::Born,
            $isOfBirth && $tie === RoleRelation::Parent && $isOfFirst => $roll->sex($line) === Sex::Female ? self::Mother : self::Father,
            $roll->kind->isOf(EventTrait::OfTheDead) && $tie === RoleRelation::Principal => self::Dead,
            default => self::Named,
        };
    }
}

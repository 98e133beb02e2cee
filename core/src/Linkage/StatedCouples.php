<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;

/**
 * The lines of a record whose roles say that they are a couple: groom and bride, head and wife, father and mother of
 * one child.
 */
final class StatedCouples
{
    /** @return list<array{string, string}> ids of two lines each */
    public static function couples(Roll $roll): array
    {
        $pairs = [];
        $parents = [];
        foreach ($roll->lines as $line) {
            $principal = $roll->principalOf($line);
            if ($principal === null) {
                continue;
            }
            if ($roll->tie($line) === RoleRelation::Partner) {
                $pairs[] = [$principal->id, $line->id];
            }
            if ($roll->tie($line) === RoleRelation::Parent) {
                foreach ($parents[$principal->id] ?? [] as $parent) {
                    $pairs[] = [$parent, $line->id];
                }
                $parents[$principal->id][] = $line->id;
            }
        }

        return $pairs;
    }
}

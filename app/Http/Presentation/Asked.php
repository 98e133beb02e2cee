<?php

declare(strict_types=1);

namespace App\Http\Presentation;

use App\Http\LivingInFull;
use App\Refusal;
use Closure;
use Illuminate\Http\Request;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Presentation\UnknownKind;
use NorthBough\Core\Presentation\WrongOption;

/** What a request asks of a drawing or a report, and what is answered where that cannot be made. */
final class Asked
{
    /** What an address says besides options. */
    private const NO_OPTIONS = [...LivingInFull::NAMES, 'paper'];

    /** @return array<string, string> by name, as words */
    public static function options(Request $request): array
    {
        return array_map(static fn (mixed $given): string => is_scalar($given) ? (string) $given : '',
            array_diff_key($request->query->all(), array_flip(self::NO_OPTIONS)));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $make
     * @return T
     *
     * @throws Refusal
     */
    public static function answer(Closure $make): mixed
    {
        try {
            return $make();
        } catch (UnknownKind|SubjectMissing $problem) {
            throw new Refusal($problem->getMessage(), 404);
        } catch (WrongOption $problem) {
            throw new Refusal($problem->getMessage(), 422);
        }
    }
}

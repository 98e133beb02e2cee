<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use NorthBough\Core\Family\ParentRuling;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use OpenApi\Attributes as OA;

/** What is said of a set of parents, or with `personId` of one parent of it alone; what is left out stays. */
#[OA\Schema]
final readonly class ParentSetInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?string $standing = null,
        #[OA\Property] public ?string $proof = null,
        /** What a kind of one's own is called; beside the kind other. */
        #[OA\Property] public ?string $kindWords = null,
        /** From when until when, in words. */
        #[OA\Property] public ?string $years = null,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public bool $leads = false,
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'kind' => ['nullable', 'in:birth,adoptive,foster,guardian,recognised,other'],
            'standing' => ['nullable', 'in:accepted,rival,ruled out,unweighed'],
            'proof' => ['nullable', 'in:unstated,unresolved,probable,proved'],
            'kindWords' => ['nullable', 'string', 'max:60'],
            'years' => ['nullable', 'string', 'max:60'],
            'personId' => ['nullable', 'uuid'],
            'leads' => ['boolean'],
            'why' => ['nullable', 'string', 'max:2000'],
        ];
    }

    public function ruling(): ParentRuling
    {
        return new ParentRuling(
            $this->kind === null ? null : ParentageKind::from($this->kind),
            $this->standing === null ? null : Standing::from($this->standing),
            $this->proof === null ? null : Proof::from($this->proof),
            $this->kindWords === null ? null : trim($this->kindWords),
            $this->years === null ? null : trim($this->years),
        );
    }
}

<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan\Internal;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Role;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;

/**
 * What is cut for a draft: of each cord what its lanes take, and what the closure takes where it carries that.
 *
 * @internal
 */
final readonly class CutList
{
    public function __construct(private Draft $draft) {}

    /**
     * @return list<Cut>
     */
    public function cuts(): array
    {
        $cuts = array_map($this->cut(...), $this->draft->construction->roles($this->draft));
        if (null !== $this->draft->fastened->own) {
            $cord = $this->draft->piece->sliderCord() ?? $this->draft->construction->ends($this->draft->piece)->cord;
            $own = Take::knots($this->draft->fastened->own);
            $cuts[] = Cut::of('slider', 1, $cord, true, $this->draft->piece->unit, $own, Take::none(), Cut::handling());
        }

        return $cuts;
    }

    private function cut(Role $role): Cut
    {
        $body = Take::none();
        foreach ($role->lanes as $lane) {
            $body = $body->plus($role->halved ? $this->draft->setting->takeOfHalf($lane) : $this->draft->setting->take($lane));
        }
        $closure = $role->carries ? new Take(
            $this->draft->fastened->tails->times($role->twist),
            $this->draft->fastened->knots,
        ) : Take::none();

        return Cut::of(
            $role->name,
            $role->count,
            $this->draft->piece->cord($role->name)->cord,
            $role->folded,
            $this->draft->piece->unit,
            $body,
            $closure,
            $role->spare ?? ($role->carries ? Length::longest(
                $this->draft->fastened->end,
                Cut::handling(),
            ) : Cut::handling()),
        );
    }
}

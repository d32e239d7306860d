<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;

/**
 * Two ends of unlike kinds: a loop, a button, tails or findings on either side.
 *
 * @internal
 */
final readonly class UnlikeEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        $wish = $parts->wish();

        return $this->side($parts, $wish->start, 0, -1)->with($this->side($parts, $wish->finish, $parts->body(), 1));
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        $wish = $parts->wish();
        $loops = $wish->finish->isLoop() ? 1 : ($wish->start->isLoop() ? -1 : 0);
        $other = 1 === $loops ? $wish->start : $wish->finish;
        [$near, $far] = [$parts->body(), $parts->body() + $gap];
        $loop = 0 === $loops ? [] : [$parts->looped($far, -1, $gap, $parts->loops->flat($loops))];
        $held = match (true) {
            EndForm::Ties === $other => [],
            $other->isLoop() => [$parts->looped($near, 1, $gap, $parts->loops->flat(-$loops))],
            default => [$parts->row(1 === $loops ? $parts->left() : $parts->right(), $near, 1)],
        };

        return array_reduce(
            [...$loop, ...$held],
            static fn (Scene $all, Scene $one): Scene => $all->with($one),
            $parts->across($gap),
        );
    }

    public function sliding(EndParts $parts, float $gap): ?Scene
    {
        return null;
    }

    private function side(EndParts $parts, EndForm $form, float $x, int $way): Scene
    {
        $reach = $parts->reach($way);

        return match ($form) {
            EndForm::Loop => $parts->loopedAll($x, $way, $reach),
            EndForm::KnottedLoop => $parts->looped($x, $way, $reach, $parts->loops->flat($way)),
            EndForm::Button, EndForm::Findings => $parts->row($way < 0 ? $parts->left() : $parts->right(), $x, $way),
            EndForm::Ties => $parts->tail($x, $way),
        };
    }
}

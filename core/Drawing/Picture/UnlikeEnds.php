<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Closure\EndForm;
use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Material\FindingKind;

/**
 * Two ends of unlike kinds: a loop, a button, tails or findings on either side.
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
        $loop = $wish->finish->isLoop() ? $wish->finish : ($wish->start->isLoop() ? $wish->start : null);
        $other = $loop === $wish->finish ? $wish->start : $wish->finish;
        $far = $parts->body() + $gap;

        return $parts->across($gap)
            ->with(
                null === $loop ? new Scene($far, $far, 0, [], []) : $parts->looped(
                    $far,
                    -1,
                    $gap,
                    EndForm::KnottedLoop === $loop,
                ),
            )
            ->with(
                EndForm::Ties === $other ? new Scene($far, $far, 0, [], []) : $this->side(
                    $parts,
                    $other,
                    $parts->body(),
                    1,
                ),
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
            EndForm::Loop, EndForm::KnottedLoop => $parts->looped($x, $way, $reach, EndForm::KnottedLoop === $form),
            EndForm::Button => $parts->row($parts->findings->of([FindingKind::Button]), $x, $way),
            EndForm::Ties => $parts->tail($x, $way),
            EndForm::Findings => $parts->row(array_values(array_filter(
                $parts->all(),
                static fn ($finding): bool => FindingKind::Button !== $finding->kind,
            )), $x, $way),
        };
    }
}

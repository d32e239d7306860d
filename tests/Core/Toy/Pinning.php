<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Toy;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Material\Colour;

/**
 * A closure that Rinkel does not know, with its picture: to show what adding one takes.
 */
final readonly class Pinning implements ClosureKind, EndPicture
{
    public function id(): string
    {
        return 'pin';
    }

    public function slides(): bool
    {
        return false;
    }

    public function opensFully(): bool
    {
        return true;
    }

    public function passesShut(): bool
    {
        return false;
    }

    public function options(): array
    {
        return [ClosureOption::Tail];
    }

    public function made(ClosureWish $wish): array
    {
        return [];
    }

    public function cautions(): array
    {
        return ['small-parts'];
    }

    public function on(Site $site): Closure
    {
        return new PinEnd($this);
    }

    public function open(EndParts $parts): Scene
    {
        return new Scene(
            new SceneFrame(left: -5, right: $parts->body() + 5, height: 0),
            [DrawnCord::straight(-5, 0, 0, 1, Colour::parse('#123456'), 'pin')],
            [],
        );
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return $parts->across($gap);
    }

    public function sliding(EndParts $parts, float $gap): null
    {
        return null;
    }
}

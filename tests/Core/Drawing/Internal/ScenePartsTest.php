<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\Internal\SceneParts;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Material\Colour;

final class ScenePartsTest extends TestCase
{
    public function testWhatIsNotThereIsLeftOut(): void
    {
        $parts = new SceneParts();
        $parts->bead(null, null);
        $parts->finding(null);
        $parts->cord(DrawnCord::straight(0, 10, 1, 2, Colour::parse('#112233'), 'core'));
        $scene = $parts->scene(new SceneFrame(0, 10, 4));

        self::assertSame([[], [], 1, []], [$scene->beads, $scene->findings, \count($scene->cords), $scene->placed]);
        self::assertSame(10.0, $scene->frame->right);
    }
}

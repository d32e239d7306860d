<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Rehearsal\Misstep;

use Rinkel\Core\Rehearsal\Misstep\OtherBead;

final class OtherBeadTest extends MisstepCase
{
    public function testAnotherBeadIsOneThatThePieceHas(): void
    {
        $acts = self::acts(['pattern' => '1 square, (1 bead sea, 1 bead sky, 2 square) x fit', 'beads' => [
            'sea' => ['diameter' => '5 mm', 'hole' => '2.5 mm'], 'sky' => ['diameter' => '5 mm', 'hole' => '2.5 mm'],
        ]]);
        for ($moves = 0; $moves < $acts->moves; ++$moves) {
            $moment = self::moment($acts, $moves);
            $slip = (new OtherBead())->at($moment);
            $bead = $moment->move()->bead;
            self::assertSame(null === $bead, null === $slip);
            self::assertSame(
                null === $bead ? null : ('sea' === $bead->name ? 'sky' : 'sea'),
                $slip?->move->bead?->name,
            );
        }
    }
}

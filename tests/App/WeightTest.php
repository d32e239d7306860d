<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use Rinkel\App\Examples\ExampleData;

final class WeightTest extends WebCase
{
    private const MOST = 60_000;

    /**
     * Each page, and all styles and scripts together, fit into 60 kB as they are served: compressed.
     */
    public function testPagesAreLight(): void
    {
        self::getContainer()->get(ExampleData::class)->lay();
        $piece = '/pieces/'.self::first('piece');
        foreach ([
            '/', '/new', '/stock', '/stock?kind=bead', '/tray', '/cut', '/orders', '/bench', '/day', '/people', '/log',
            '/knots', '/practice', '/samples',
            '/settings', '/data', '/devices', '/keys', $piece, $piece.'/sizes', $piece.'/reach', $piece.'/otherwise',
            '/boards/'.self::first('board'),
            '/orders/'.self::first('customer_order'), '/makings/'.self::first('making'),
        ] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseIsSuccessful($path);
            self::assertLessThan(self::MOST, self::packed($this->browser->getInternalResponse()->getContent()), $path);
        }
        $build = \dirname(__DIR__, 2).'/public/build';
        $sum = 0;
        foreach ([...glob($build.'/*.css') ?: [], ...glob($build.'/*.js') ?: []] as $file) {
            $sum += self::packed((string) file_get_contents($file));
            self::assertFileExists($file.'.gz', 'it is served compressed');
        }
        self::assertGreaterThan(0, $sum);
        self::assertLessThan(self::MOST, $sum);
    }

    private static function packed(string $text): int
    {
        return \strlen((string) gzencode($text, 9));
    }
}

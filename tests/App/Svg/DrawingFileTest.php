<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\DrawingFile;

final class DrawingFileTest extends TestCase
{
    public function testADrawingBringsItsStyles(): void
    {
        $styles = (string) tempnam(sys_get_temp_dir(), 'styles');
        file_put_contents($styles, '.cord{fill:none}');
        touch($styles, 1_700_000_000);
        $file = new DrawingFile($styles);
        $response = $file->response('<svg viewBox="0 0 1 1"><path d="M0 0"/></svg>');

        self::assertSame(
            '<svg viewBox="0 0 1 1"><style>.cord{fill:none}</style><path d="M0 0"/></svg>',
            $response->getContent(),
        );
        self::assertSame('image/svg+xml', $response->headers->get('Content-Type'));
        $version = $file->version('a piece');
        self::assertMatchesRegularExpression('/^[0-9a-f]{12}$/', $version);
        self::assertSame($version, $file->version('a piece'));
        self::assertNotSame($version, $file->version('another'));
        touch($styles, 1_700_000_001);
        clearstatcache();
        self::assertNotSame($version, $file->version('a piece'), 'it looks otherwise');
        unlink($styles);
    }
}

<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Devices;

use PHPUnit\Framework\Attributes\DataProvider;
use Rinkel\App\Devices\Reading;
use Rinkel\Tests\App\WebCase;

final class DevicesControllerTest extends WebCase
{
    #[DataProvider('provideLines')]
    public function testALineIsAReadingOrNone(string $line, ?string $text): void
    {
        self::assertSame($text, Reading::of($line)?->text());
    }

    /**
     * @return iterable<string, array{string, string|null}>
     */
    public static function provideLines(): iterable
    {
        yield 'calliper' => ['calliper 1.05 mm', '1.05 mm'];
        yield 'comma' => ['scale 12,4 g', '12.4 g'];
        yield 'tape in inches' => [" tape 6.25 in\r\n", '6.25 in'];
        yield 'foot' => ['foot', ''];
        yield 'a length of a scale' => ['scale 12.4 mm', null];
        yield 'a weight of a calliper' => ['calliper 3 g', null];
        yield 'no unit' => ['calliper 1.05', null];
        yield 'nonsense' => ['<script>', null];
        yield 'too long' => ['tape 12345678 mm', null];
    }

    public function testWhatIsSaidIsHeardOnceAndSoon(): void
    {
        $last = $this->heard('')['last'];
        self::assertSame([], $this->heard((string) $last)['lines']);
        $this->browser->request(
            'POST',
            '/devices/say',
            ['line' => 'calliper 1.05 mm'],
            server: ['HTTP_X_RINKEL_DEVICE' => '1'],
        );
        self::assertResponseStatusCodeSame(204);
        $this->browser->request(
            'POST',
            '/devices/say',
            ['line' => 'nonsense'],
            server: ['HTTP_X_RINKEL_DEVICE' => '1'],
        );
        self::assertResponseStatusCodeSame(422);
        $now = $this->heard((string) $last);
        self::assertSame(['calliper 1.05 mm'], $now['lines']);
        self::assertSame([], $this->heard((string) $now['last'])['lines']);
        self::assertSame([], $this->heard("1' OR 1")['lines']);
        $this->browser->request('POST', '/devices/say', ['line' => ['x']]);
        self::assertResponseStatusCodeSame(303, 'a plain form comes back to its page');
    }

    public function testATrayIsCountedByWeight(): void
    {
        $page = $this->browser->request('GET', '/devices', ['counted' => '10', 'some' => '2,5 g', 'all' => '100']);
        self::assertStringContainsString('400', $page->filter('#tray-count')->text());
        self::assertStringContainsString(', 19 times in 20)', $page->filter('#tray-count')->text());
        foreach ([
            ['some' => '2 kg', 'all' => '100'], ['some' => '5', 'all' => '2'],
            ['counted' => 'ten', 'some' => '5', 'all' => '9'],
        ] as $typed) {
            $page = $this->browser->request('GET', '/devices', $typed);
            self::assertResponseStatusCodeSame(422);
            self::assertCount(1, $page->filter('#tray-fault'));
            self::assertSame($typed['some'], $page->filter('#some')->attr('value'));
        }
    }

    /**
     * @return array{last: int, lines: list<string>}
     */
    private function heard(string $after): array
    {
        $this->browser->request('GET', '/devices/heard', ['after' => $after]);
        self::assertResponseIsSuccessful();

        /** @var array{last: int, lines: list<string>} */
        return json_decode((string) $this->browser->getResponse()->getContent(), true, 8, \JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace Rinkel\Tests\App;

use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Rinkel\App\Kernel;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Settings\Preferences;
use Symfony\Component\DependencyInjection\ContainerInterface;
use Symfony\Component\HttpFoundation\Request;

/**
 * One kernel that goes on from request to request, as some servers have it, answers as one that is begun for each: in
 * the language that was asked for, by settings and pieces as somebody else's request left them.
 */
final class LongLivedTest extends WebCase
{
    private const LANGUAGES = ['en', 'nl', 'de', 'en-US'];

    public function testNothingIsLeftOfTheRequestBefore(): void
    {
        $this->mixed(120, 1);
    }

    #[Group('slow')]
    public function testNothingIsLeftAfterTenThousand(): void
    {
        $this->mixed(10_000, 2);
    }

    private function mixed(int $times, int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        $ids = [$this->lay()->id(), $this->layBare('spaced-knots')->id(), $this->layBare('stretch')->id()];
        $long = new Kernel('test', false);
        for ($i = 0; $i < $times; ++$i) {
            $id = $ids[$chance->getInt(0, \count($ids) - 1)];
            $language = self::LANGUAGES[$chance->getInt(0, \count(self::LANGUAGES) - 1)];
            match ($chance->getInt(0, 5)) {
                0 => $this->changeSettings($chance),
                1 => self::said($long, self::changed($long, $id, $chance), $language),
                default => null,
            };
            $paths = [
                '/', '/new', '/settings', '/library', '/numbers', '/course', '/course/4', '/knots/square', '/samples',
                '/pieces/'.$id, '/pieces/'.$id.'?stage=cut', '/pieces/'.$id.'/rehearsal?at=7', '/keys', '/nowhere',
                '/stock', '/log', '/api/v1/pieces', '/orders', '/people', '/cut?p[]='.$id,
            ];
            $path = $paths[$chance->getInt(0, \count($paths) - 1)];
            $request = static fn (): Request => Request::create('http://127.0.0.1'.$path);
            $fresh = new Kernel('test', false);
            $said = self::said($fresh, $request(), $language);
            $fresh->shutdown();
            self::assertSame(
                $said,
                self::said($long, $request(), $language),
                $path.' in '.$language.', request '.$i,
            );
        }
        $long->shutdown();
    }

    /**
     * Changes how everybody works, from another process as it were.
     */
    private function changeSettings(Randomizer $chance): void
    {
        $choices = [['unit', ['cm', 'in']], ['side', ['left', 'right']], ['tension', ['', 'firm', 'loose']]];
        [$name, $values] = $choices[$chance->getInt(0, 2)];
        $other = new Kernel('test', false);
        $other->boot();
        self::service($other, Preferences::class)->keep([$name => $values[$chance->getInt(0, \count($values) - 1)]]);
        $other->shutdown();
    }

    private static function changed(Kernel $kernel, int $id, Randomizer $chance): Request
    {
        $kernel->boot();
        $pieces = self::service($kernel, Pieces::class);
        $act = [
            'id' => bin2hex($chance->getBytes(8)), 'in' => 'cm',
            'f' => ['wearer.girth' => $chance->getInt(130, 210).' mm'],
        ];

        return Request::create('http://127.0.0.1/pieces/'.$id, 'POST', [
            'acts' => json_encode([$act], \JSON_THROW_ON_ERROR),
            'version' => (string) $pieces->find($id)?->version(), 'typing' => '',
        ], server: ['HTTP_HX_REQUEST' => 'true', 'HTTP_SEC_FETCH_SITE' => 'same-origin']);
    }

    /**
     * @template T of object
     *
     * @param class-string<T> $class
     *
     * @return T
     */
    private static function service(Kernel $kernel, string $class): object
    {
        $services = $kernel->getContainer()->get('test.service_container');
        \assert($services instanceof ContainerInterface);
        $service = $services->get($class);
        \assert($service instanceof $class);

        return $service;
    }

    /**
     * Returns what is answered, without what is another each time: ids, and the time of day.
     */
    private static function said(Kernel $kernel, Request $request, string $language): string
    {
        $request->headers->set('Accept-Language', $language);
        $response = $kernel->handle($request);
        self::assertLessThan(500, $response->getStatusCode());
        $text = $response->getStatusCode().' '.$response->getContent();
        $kernel->terminate($request, $response);

        return (string) preg_replace(['/\b[0-9a-f]{12,}\b/', '/\b\d\d?[:.]\d\d(?: ?[ap]m)?\b/i'], ['…', '…'], $text);
    }
}

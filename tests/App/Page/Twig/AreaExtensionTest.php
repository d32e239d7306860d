<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Page\Twig;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Page\Area;
use Rinkel\App\Page\Twig\AreaExtension;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\RequestStack;

final class AreaExtensionTest extends TestCase
{
    public function testAPageKnowsWhereItLies(): void
    {
        self::assertSame([Area::of('stock')[0] ?? null, 'stock'], $this->place('stock_keep', 'stock'));
        self::assertNull($this->place(null, ''));
        self::assertNull($this->place('no_page', ''));
    }

    /**
     * @return array<mixed>|null
     */
    private function place(?string $route, string $page): ?array
    {
        $requests = new RequestStack();
        $request = Request::create('/');
        $request->attributes->set('_route', $route);
        $requests->push($request);
        foreach ((new AreaExtension($requests))->getFunctions() as $function) {
            $call = $function->getCallable();
            if ('place' === $function->getName() && \is_callable($call)) {
                $place = $call();
                self::assertTrue(null === $place || \is_array($place));

                return $place;
            }
        }

        self::fail('There is no such function.');
    }
}

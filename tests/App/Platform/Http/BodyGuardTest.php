<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Platform\Http;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Platform\Http\BodyGuard;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;
use Symfony\Component\Translation\IdentityTranslator;

final class BodyGuardTest extends TestCase
{
    public function testWhatIsTooLargeIsSaidBeforeItIsRead(): void
    {
        $most = (int) \ini_get('post_max_size') * match (substr((string) \ini_get('post_max_size'), -1)) {
            'G' => 2 ** 30, 'M' => 2 ** 20, 'K' => 2 ** 10, default => 1,
        };
        self::assertGreaterThan(0, $most);

        self::assertNull($this->answer($most, HttpKernelInterface::MAIN_REQUEST));
        self::assertSame(413, $this->answer($most + 1, HttpKernelInterface::MAIN_REQUEST));
        self::assertNull($this->answer($most + 1, HttpKernelInterface::SUB_REQUEST));
    }

    private function answer(int $length, int $type): ?int
    {
        $event = new RequestEvent(
            self::createStub(HttpKernelInterface::class),
            Request::create('/', 'POST', server: ['HTTP_CONTENT_LENGTH' => (string) $length]),
            $type,
        );
        (new BodyGuard(new IdentityTranslator()))($event);

        return $event->getResponse()?->getStatusCode();
    }
}

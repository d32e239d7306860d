<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Log;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Log\SentPhoto;

final class SentPhotoTest extends TestCase
{
    public function testWhatWasSentAndIsNoPhotoIsWrong(): void
    {
        self::assertFalse((new SentPhoto())->isWrong(), 'none was sent');
        self::assertTrue((new SentPhoto(true))->isWrong());
        self::assertFalse((new SentPhoto(true, 'jpeg'))->isWrong());
    }
}

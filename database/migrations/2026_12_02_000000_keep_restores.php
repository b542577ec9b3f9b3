<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Each restore begins another generation of the hangar; and facts of a flight say which reader found them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('restores', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('restored_at');
        });
        // Nothing where they were found before readers had numbers.
        Schema::table('flights', fn (Blueprint $table) => $table->unsignedInteger('reader')->nullable());
    }
};

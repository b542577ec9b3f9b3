<?php

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('definitions', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('slug');
            $table->text('document');
            $table->timestamps();
            $table->unique(['kind', 'slug']);
        });
    }
};

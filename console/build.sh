#!/usr/bin/env bash
mkdir -p target/dist; echo '<!doctype html><title>Ojala</title>' > target/dist/index.html
